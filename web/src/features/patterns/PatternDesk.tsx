import { useQuery } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { api, failure, outcome, value, type OwnPattern, type PatternView } from '../../api/client';
import { AsItLies } from '../../drawing/way/AsItLies';
import { Segmented } from '../../ui/choices';
import { useSize } from '../../ui/useSize';
import { Measure } from '../../units/Measure';
import { useUnit } from '../../units/unit';
import { PatternBoard } from './PatternBoard';
import { PatternWritten } from './PatternWritten';
import { faces, type Hand } from './pattern';

interface Props {
  kept: PatternView | undefined;
  start: OwnPattern;
  /** Something was kept or thrown away; the pattern to open next, if any. */
  changed: (id: string | null) => Promise<void>;
}

/** One pattern: drawn by hand or read from text, with how it is sewn, or what it wants, beside it. */
export function PatternDesk({ kept, start, changed }: Props) {
  const [pattern, setPattern] = useState(start);
  const [notes, setNotes] = useState(kept?.notes ?? '');
  const [hand, setHand] = useState<Hand>('OUTER');
  const [said, setSaid] = useState<string | null>(null);
  const [sure, setSure] = useState(false);
  const { unit } = useUnit();
  const navigate = useNavigate();
  const place = useRef<HTMLDivElement>(null);
  const { width } = useSize(place);
  const look = useQuery({
    queryKey: ['pattern-look', pattern],
    queryFn: () => value(api.POST('/api/patterns/look', { body: pattern })),
    placeholderData: (before) => before,
    refetchInterval: false,
  });
  const [outer, inner] = faces(pattern);
  const dirty = pattern !== start || notes !== (kept?.notes ?? '');
  const keep = async () => {
    const body = { notes, pattern, version: kept?.version ?? 0 };
    const result = kept
      ? await outcome(api.PUT('/api/patterns/{id}', { params: { path: { id: kept.id } }, body }))
      : await outcome(api.POST('/api/patterns', { body }));
    if (result.kind === 'value') {
      await changed(result.value.id);
    } else {
      setSaid(failure(result));
    }
  };
  const remove = async () => {
    if (!kept) {
      return;
    }
    const result = await outcome(api.DELETE('/api/patterns/{id}', { params: { path: { id: kept.id } } }));
    if (result.kind === 'value') {
      await changed(null);
    } else {
      setSaid(failure(result));
    }
  };
  const begin = async () => {
    const result = await outcome(api.POST('/api/patterns/book', { params: { query: { unit } }, body: pattern }));
    if (result.kind === 'value') {
      void navigate(`/books/${result.value.id}/thread`);
    } else {
      setSaid(failure(result));
    }
  };
  const shown = look.data;
  // While a new answer is on its way the old one still stands there; what it offers is for the pattern as it was.
  const older = look.isPlaceholderData;
  return (
    <div className="pattern-desk">
      <div className="pattern-tools">
        <div className="field">
          <label htmlFor="pattern-name">Name</label>
          <Input
            id="pattern-name"
            value={pattern.name}
            maxLength={60}
            onChange={(event) => setPattern({ ...pattern, name: event.target.value })}
          />
        </div>
        <div className="field">
          <label htmlFor="pattern-notes">Notes</label>
          <Input.TextArea
            id="pattern-notes"
            value={notes}
            maxLength={400}
            autoSize={{ minRows: 1, maxRows: 4 }}
            onChange={(event) => setNotes(event.target.value)}
          />
        </div>
        <Segmented<Hand>
          label="A press on a hole"
          value={hand}
          options={[
            { value: 'OUTER', label: `sews ${outer}` },
            { value: 'INNER', label: `sews ${inner}` },
            ...(pattern.side ? [{ value: 'WRAP' as const, label: 'wraps round an edge' }] : []),
            { value: 'HOLE', label: 'moves it; elsewhere sets one' },
          ]}
          choose={setHand}
        />
        <p className="field-help">
          Press one hole, then the other; the same again takes the stitch out. Arrow keys move a hole, Delete takes it
          out.
        </p>
        <div className="pattern-acts">
          <Button type="primary" disabled={!dirty && kept !== undefined} onClick={() => void keep()}>
            Keep this pattern
          </Button>
          <Button disabled={older || shown?.kind !== 'SEWN'} onClick={() => void begin()}>
            Begin a book with it
          </Button>
          {kept &&
            (sure ? (
              <Button danger onClick={() => void remove()}>
                Throw it away for good
              </Button>
            ) : (
              <Button onClick={() => setSure(true)}>Throw it away</Button>
            ))}
        </div>
        {said && <p className="field-line">{said}</p>}
        <PatternWritten text={shown?.text ?? ''} read={setPattern} />
      </div>
      <div className="pattern-place" ref={place}>
        {width > 0 && <PatternBoard pattern={pattern} hand={hand} width={width} change={setPattern} />}
        <div className="pattern-look" aria-live="polite">
          {look.error && <p className="field-line">{look.error.message}</p>}
          {shown && (
            <p className={shown.kind === 'SEWN' ? 'pattern-good' : 'pattern-wants'}>
              <Measure of={shown.words} />
            </p>
          )}
          {shown?.way && <p className="sew-notation pattern-path">{shown.way.notation}</p>}
          {shown && shown.add.length > 0 && (
            <Button
              size="small"
              disabled={older}
              onClick={() => setPattern({ ...pattern, lines: [...pattern.lines, ...shown.add] })}
            >
              Add them
            </Button>
          )}
        </div>
        {shown?.way && width > 0 && (
          <AsItLies
            work={shown.way.work}
            steps={shown.way.steps}
            sewn={shown.way.steps.length}
            width={width}
            height={360}
          />
        )}
      </div>
    </div>
  );
}
