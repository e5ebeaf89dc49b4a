import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { api, value, type CoveringView, type ThingView } from '../../../api/client';
import { useThings } from '../../../api/drawers';
import { useSession } from '../../../state/useSession';
import { SelectField } from '../../../ui/choices';
import { CountField, TextField } from '../fields';
import { withKind, withoutKind, type CopyKind } from './edits';

interface Props {
  number: number;
  kind: CopyKind;
}

/** Copies that are unlike the book: how many, what they are called, what they are made of. */
export function KindChoices({ number, kind }: Props) {
  const { session, state } = useSession();
  const drawers = [useThings('BOARDS'), useThings('COVERS'), useThings('PAPERS')];
  const things = drawers.flatMap((drawer) => drawer?.things ?? []);
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
        <StuffOf key={stuff.stuff} number={number} kind={kind} stuff={stuff} things={things} />
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

interface StuffProps extends Props {
  stuff: CoveringView['stuffs'][number];
  things: ThingView[];
}

/** What a stuff of its cover is cut from, where that is not the book's. */
function StuffOf({ number, kind, stuff, things }: StuffProps) {
  const { session } = useSession();
  const chosen = kind.stocks.find((one) => one.stuff === stuff.stuff);
  const fitting = things.filter((thing) => thing.sheet?.stuffs.includes(stuff.stuff));
  const lying = fitting.some((thing) => thing.id === chosen?.drawerId);
  const away = chosen && !lying ? [{ value: 'away', label: `${chosen.name}, not in the drawer` }] : [];
  return (
    <SelectField
      label={`${stuff.words[0]?.toUpperCase()}${stuff.words.slice(1)} from`}
      value={chosen ? (lying ? (chosen.drawerId ?? 'away') : 'away') : ''}
      options={[
        { value: '', label: 'as the book' },
        ...away,
        ...fitting.map((thing) => ({ value: thing.id, label: thing.name })),
      ]}
      choose={(id) => {
        const thing = fitting.find((one) => one.id === id);
        const others = kind.stocks.filter((one) => one.stuff !== stuff.stuff);
        const { widthMm, heightMm, grain, colour } = thing?.sheet ?? {};
        const stock =
          thing && widthMm && heightMm && grain
            ? [{ stuff: stuff.stuff, name: thing.name, widthMm, heightMm, grain, colour, drawerId: thing.id }]
            : [];
        if (thing || id === '') {
          session.change(`${stuff.words} of ${kind.name}`, withKind(number, { stocks: [...others, ...stock] }));
        }
      }}
    />
  );
}
