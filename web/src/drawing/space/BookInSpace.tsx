import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { api, value, type BookDocument } from '../../api/client';
import { Segmented } from '../../ui/choices';
import { ErrorNote, Waiting } from '../../ui/ErrorNote';
import { called, keyName } from '../../ui/keys';
import { downloadBytes } from '../../browser/download';
import { SpineInSpace } from '../way/SpineInSpace';
import { nearer, viewsOf } from './camera';
import { SPACE_KEYS } from './keys';
import type { CoverSeen } from './flats';
import type { Model, Space } from './model';
import { COVER_CHOICES, told } from './told';
import { asHeld, atFirst, byHand, useBook, type Seen } from './useBook';

interface Props {
  document: BookDocument;
  /** Moves that are sewn. */
  sewn: number;
  width: number;
  height: number;
  /** How hands have the work, where it is sewn just now: which side up, and what is in hand. */
  hands?: { turned: boolean; signature: number };
}

const TURN = 0.16;
const NEAR = 1.25;

/** The ways a cover is seen, in order: a wrapper is taken off first. */
const covers = (wrapped: boolean): CoverSeen[] =>
  wrapped ? ['whole', 'unwrapped', 'through', 'off'] : ['whole', 'through', 'off'];

/** The book in space: sheets, thread, cover, as the plan has them. */
export default function BookInSpace(props: Props) {
  const space = useQuery({
    queryKey: ['space', props.document],
    queryFn: () => value(api.POST('/api/plan/space', { body: props.document })),
    gcTime: 0,
  });
  if (space.isError) {
    return <ErrorNote message={space.error.message} again={() => void space.refetch()} />;
  }
  return space.data ? <Shown space={space.data} {...props} /> : <Waiting what="Laying out the book in space" />;
}

function Shown({ space, document, sewn, width, height, hands }: Props & { space: Space }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [seen, setSeen] = useState<Seen>(hands ? asHeld(atFirst(space), hands, space) : atFirst(space));
  const held = useRef<{ x: number; y: number } | null>(null);
  const [turned, signature] = [hands?.turned, hands?.signature];
  useEffect(() => {
    if (turned !== undefined && signature !== undefined) {
      setSeen((was) => asHeld(was, { turned, signature }, space));
    }
  }, [turned, signature, space]);
  const { model, missing } = useBook(canvas, space, seen, sewn, { width, height });
  if (missing) {
    return <SpineInSpace steps={space.thread} sewn={sewn} width={width} height={height} side={!space.folded} />;
  }
  const openings = model?.openings ?? 0;
  const stations = new Set(space.holes.map((hole) => hole.station)).size;
  const acts = seeing(seen, setSeen, {
    openings,
    stations,
    views: viewsOf(space),
    covers: covers(model?.wrapped ?? false),
  });
  const words = told(seen, {
    folded: space.folded,
    backToBack: space.backToBack,
    // what comes on later is not there while it is sewn
    covered: !hands && (model?.covered ?? false),
    sewn,
    moves: space.thread.length,
  });
  const key = (event: KeyboardEvent) => {
    const act = called(SPACE_KEYS, keyName(event));
    if (act) {
      event.preventDefault();
      event.stopPropagation();
      acts[act]();
    }
  };
  return (
    <div className="space">
      <canvas
        ref={canvas}
        className="space-room"
        style={{ width, height }}
        tabIndex={0}
        role="img"
        aria-label={`The book in space. ${words}.`}
        onKeyDown={key}
        onPointerDown={(event: PointerEvent<HTMLCanvasElement>) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          held.current = { x: event.clientX, y: event.clientY };
        }}
        onPointerMove={(event) => {
          if (held.current) {
            const { x, y } = held.current;
            held.current = { x: event.clientX, y: event.clientY };
            setSeen((was) => byHand(was, (event.clientX - x) / 140, (event.clientY - y) / 140));
          }
        }}
        onPointerUp={() => {
          held.current = null;
        }}
      />
      <p className="space-words" aria-live="polite">
        {words}.
      </p>
      <Choices seen={seen} acts={acts} space={space} openings={openings} few={hands !== undefined} />
      {!hands && model && <More seen={seen} setSeen={setSeen} model={model} name={document.name} />}
    </div>
  );
}

type Acts = Record<keyof typeof SPACE_KEYS, () => void>;

/** What of a book is looked at. */
interface Book {
  openings: number;
  stations: number;
  views: ReturnType<typeof viewsOf>;
  covers: CoverSeen[];
}

/** What keys and presses do. */
function seeing(seen: Seen, setSeen: (seen: Seen) => void, book: Book): Acts {
  const { openings, stations, views, covers: ways } = book;
  const look = (next: Seen['look']) => () => setSeen({ ...seen, look: next });
  const open = (at: number) => () =>
    setSeen({ ...seen, open: at, look: at > 0 && seen.open === 0 ? views.inside : seen.look });
  return {
    left: () => setSeen(byHand(seen, TURN, 0)),
    right: () => setSeen(byHand(seen, -TURN, 0)),
    up: () => setSeen(byHand(seen, 0, TURN)),
    down: () => setSeen(byHand(seen, 0, -TURN)),
    nearer: look(nearer(seen.look, NEAR)),
    farther: look(nearer(seen.look, 1 / NEAR)),
    usual: look(views.usual),
    spine: look(views.spine),
    head: look(views.head),
    inside: look(views.inside),
    open: open(Math.min(openings, seen.open + 1)),
    before: open(Math.max(0, seen.open - 1)),
    close: () => setSeen({ ...seen, open: 0, look: views.usual }),
    cover: () => setSeen({ ...seen, cover: ways[(ways.indexOf(seen.cover) + 1) % ways.length]! }),
    cut: () => setSeen({ ...seen, cut: (seen.cut + 1) % (stations + 1) }),
  };
}

interface ChoicesProps {
  seen: Seen;
  acts: Acts;
  space: Space;
  openings: number;
  /** While it is sewn, hands turn and open it. */
  few: boolean;
}

function Choices({ seen, acts, space, openings, few }: ChoicesProps) {
  const press = (act: keyof Acts, words: string, off = false) => (
    <Button size="small" onClick={acts[act]} disabled={off}>
      {words}
    </Button>
  );
  const next = space.folded ? 'Open the next signature' : 'Turn a leaf';
  const first = space.folded ? 'Open the first signature' : 'Open it';
  return (
    <div className="space-acts" role="group" aria-label="How the book is seen">
      {!few && (
        <>
          {press('usual', 'Whole')}
          {press('spine', 'Spine')}
          {press('head', 'Head')}
        </>
      )}
      {press('nearer', 'Nearer')}
      {press('farther', 'Farther')}
      {!few && (
        <>
          {press('before', 'Open one before', seen.open < 2)}
          {press('open', seen.open === 0 ? first : next, seen.open >= openings)}
          {press('close', 'Close it', seen.open === 0)}
          {press('cut', seen.cut === 0 ? 'Cut it through at station 1' : 'Cut at the next station')}
        </>
      )}
    </div>
  );
}

/** What is chosen of it rarely, and the file. */
function More(props: { seen: Seen; setSeen: (seen: Seen) => void; model: Model; name: string }) {
  const { seen, setSeen, model, name } = props;
  const [wrong, setWrong] = useState<string | null>(null);
  const save = async () => {
    try {
      const { glb } = await import('./glb');
      downloadBytes(`${name}.glb`, new Blob([await glb(model)], { type: 'model/gltf-binary' }));
      setWrong(null);
    } catch {
      setWrong('The file could not be made; try again.');
    }
  };
  return (
    <div className="space-more">
      {model.covered && (
        <Segmented
          label="The cover"
          value={seen.cover}
          options={covers(model.wrapped).map((one) => ({ value: one, label: COVER_CHOICES[one] }))}
          choose={(cover) => setSeen({ ...seen, cover })}
        />
      )}
      <p className="acts">
        <Button size="small" onClick={() => void save()}>
          Save it as a shape (glTF)
        </Button>
      </p>
      {wrong && <p role="alert">{wrong}</p>}
    </div>
  );
}
