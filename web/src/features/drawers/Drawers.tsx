import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { Link, Navigate, useParams } from 'react-router';
import { api, failure, outcome, value, type DrawerKey, type DrawerView, type ThingView } from '../../api/client';
import { ErrorNote, Waiting } from '../../ui/ErrorNote';
import { ListFile } from './ListFile';
import { ThingForm } from './ThingForm';
import { Things } from './Things';
import './drawers.css';

const DRAWERS: { key: DrawerKey; path: string; name: string }[] = [
  { key: 'PAPERS', path: 'papers', name: 'Papers' },
  { key: 'THREADS', path: 'threads', name: 'Threads' },
  { key: 'BOARDS', path: 'boards', name: 'Boards' },
  { key: 'COVERS', path: 'covers', name: 'Cover stuffs' },
  { key: 'NEEDLES', path: 'needles', name: 'Needles' },
];

/** The drawers, one open at a time. */
export default function Drawers() {
  const { drawer: path } = useParams();
  const open = DRAWERS.find((one) => one.path === path);
  const drawer = useQuery({
    queryKey: ['drawer', open?.key],
    queryFn: () => value(api.GET('/api/drawers/{drawer}', { params: { path: { drawer: open!.key } } })),
    enabled: open !== undefined,
  });
  useEffect(() => {
    document.title = `${open?.name ?? 'Drawers'} · Itomichi`;
  }, [open]);
  if (!open) {
    return <Navigate to="/drawers/papers" replace />;
  }
  return (
    <main id="place" className="drawers">
      <div className="drawers-top">
        <Link to="/" className="book-back">
          Bench
        </Link>
        <h1>Drawers</h1>
      </div>
      <nav aria-label="Drawers" className="drawers-fronts">
        {DRAWERS.map((one) => (
          <Link
            key={one.key}
            to={`/drawers/${one.path}`}
            aria-current={one === open ? 'page' : undefined}
            className="drawer-front"
          >
            {one.name}
          </Link>
        ))}
      </nav>
      {drawer.isError && <ErrorNote message={drawer.error.message} again={() => void drawer.refetch()} />}
      {drawer.isPending && <Waiting what="Opening the drawer" />}
      {drawer.data && <Open key={open.key} drawer={drawer.data} />}
    </main>
  );
}

function Open({ drawer }: { drawer: DrawerView }) {
  const client = useQueryClient();
  const [edited, setEdited] = useState<string | null>(null);
  const [said, setSaid] = useState<{ text: string; again?: () => void } | null>(null);
  const refresh = () => client.invalidateQueries({ queryKey: ['drawer', drawer.drawer] });
  const done = () => {
    setEdited(null);
    void refresh();
  };
  const putAway = async (thing: ThingView) => {
    const params = { params: { path: { id: thing.id } } };
    const result = await outcome(api.DELETE('/api/drawers/things/{id}', params));
    setSaid(
      result.kind === 'value'
        ? {
            text: `“${thing.name}” is put away${thing.usedIn.length > 0 ? '; the books made from it keep what they know of it' : ''}.`,
            again: () =>
              void outcome(api.POST('/api/drawers/things/{id}/take-out', params)).then((back) => {
                setSaid(
                  back.kind === 'refused' ? { text: back.problem.message } : { text: `“${thing.name}” is back.` },
                );
                return refresh();
              }),
          }
        : { text: failure(result) },
    );
    await refresh();
  };
  return (
    <>
      <div className="drawer-acts">
        <Button type="primary" onClick={() => setEdited('new')}>
          Lay something in
        </Button>
        <ListFile drawer={drawer.drawer} laid={(text) => (setSaid({ text }), refresh())} />
        <p role="status" className="drawer-said">
          {said?.text}{' '}
          {said?.again && (
            <Button size="small" onClick={said.again}>
              Take it out again
            </Button>
          )}
        </p>
      </div>
      {edited === 'new' && <ThingForm drawer={drawer} done={done} leave={() => setEdited(null)} />}
      {drawer.things.length === 0 && edited !== 'new' && (
        <p className="things-empty">The drawer is empty. Lay something in, or load a list from a CSV file.</p>
      )}
      {drawer.things.length > 0 && (
        <Things
          drawer={drawer}
          edited={edited}
          form={(thing) => <ThingForm drawer={drawer} thing={thing} done={done} leave={() => setEdited(null)} />}
          change={(thing) => setEdited(thing.id)}
          putAway={(thing) => void putAway(thing)}
        />
      )}
    </>
  );
}
