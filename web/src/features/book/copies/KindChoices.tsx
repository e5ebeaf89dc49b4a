import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { api, value } from '../../../api/client';
import { useSession } from '../../../state/useSession';
import { SelectField } from '../../../ui/choices';
import { CountField, TextField } from '../fields';
import { StuffFrom, useStuffs, withStuff } from '../StuffFrom';
import { withKind, withoutKind, type CopyKind } from './edits';

interface Props {
  number: number;
  kind: CopyKind;
}

/** Copies that are unlike the book: how many, what they are called, what they are made of. */
export function KindChoices({ number, kind }: Props) {
  const { session, state } = useSession();
  const things = useStuffs();
  const field = `edition.kinds.${number}`;
  return (
    <section className="copies-kind" aria-label={`Copies ${kind.name}`}>
      <div className="copies-kind-top">
        <TextField
          label="Called"
          field={`${field}.name`}
          value={kind.name}
          maxLength={60}
          edit={(d, name) => withKind(number, { name })(d)}
        />
        <CountField
          label="How many"
          field={`${field}.copies`}
          what="copies"
          value={kind.copies}
          edit={(d, copies) => withKind(number, { copies })(d)}
        />
      </div>
      <ThreadOf number={number} kind={kind} />
      {state.plan.covering.stuffs.map((stuff) => (
        <StuffFrom
          key={stuff.stuff}
          stuff={stuff}
          stocks={kind.stocks}
          things={things}
          unset="as the book"
          choose={(thing) =>
            session.change(
              `${stuff.words} of ${kind.name}`,
              withKind(number, { stocks: withStuff(kind.stocks, stuff, thing) }),
            )
          }
        />
      ))}
      <p>
        <Button
          size="small"
          aria-label={`${kind.name}: as the others after all`}
          onClick={() => session.change(`no kind ${kind.name}`, withoutKind(number))}
        >
          As the others after all
        </Button>
      </p>
    </section>
  );
}

/** A thread of the drawer that is as fine as the book's, so that no figure changes. */
function ThreadOf({ number, kind }: Props) {
  const { session, state } = useSession();
  const { document } = state;
  const shelf = useQuery({
    queryKey: ['thread-shelf', document],
    queryFn: () => value(api.POST('/api/plan/threads', { body: document })),
    placeholderData: keepPreviousData,
  });
  const fine = (shelf.data?.threads ?? []).filter((one) => one.asFine && !one.taken);
  const lying = fine.some((one) => one.id === kind.thread?.drawerId);
  const away = kind.thread && !lying ? [{ value: 'away', label: `${kind.thread.name}, not in the drawer` }] : [];
  return (
    <SelectField
      label="Thread"
      value={kind.thread ? (lying ? (kind.thread.drawerId ?? 'away') : 'away') : ''}
      options={[
        { value: '', label: `as the book: ${document.thread.name}` },
        ...away,
        ...fine.map((one) => ({ value: one.id, label: one.name })),
      ]}
      choose={(id) => {
        const one = fine.find((thread) => thread.id === id);
        if (one || id === '') {
          session.change(
            `thread of ${kind.name}`,
            withKind(number, { thread: one ? { name: one.name, drawerId: one.id } : undefined }),
          );
        }
      }}
    />
  );
}
