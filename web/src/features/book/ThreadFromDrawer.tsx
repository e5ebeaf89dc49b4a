import { useSession } from '../../state/useSession';
import { TakeFrom } from './TakeFrom';

/** The thread, from the drawer: its name, its fibre and how fine it is. */
export function ThreadFromDrawer() {
  const { session, state } = useSession();
  return (
    <TakeFrom
      drawer="THREADS"
      label="Thread from the drawer"
      is={(thing) => thing.id === state.document.thread.drawerId}
      take={({ name, thread }) => {
        if (thread) {
          session.change(`thread ${name}`, (d) => ({ ...d, thread: { ...d.thread, ...thread } }));
        }
      }}
    />
  );
}
