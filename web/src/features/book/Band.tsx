import { useEffect, useRef, type CSSProperties } from 'react';
import type { FigureView, Stage } from '../../api/client';
import { reveal } from '../../browser/reveal';
import { useSession } from '../../state/useSession';
import { Measure } from '../../units/Measure';
import { of } from '../../ui/stages';
import { BUTTON, useMore } from './useMore';

const WIDTHS = { '--band-more': `${BUTTON}px` } as CSSProperties;

interface Props {
  stage: Stage;
  working: string | null;
  open: (key: string | null) => void;
  focused: (key: string | null) => void;
}

/** The figures one would pencil on the template, those of the stage at hand first; pressing one shows its working. */
export function Band({ stage, working, open, focused }: Props) {
  const { state } = useSession();
  const { figures } = state.plan;
  const shown = figures.find((figure) => figure.key === working);
  const here = figures.filter((figure) => of(stage).includes(figure.stage));
  const ordered = [...here, ...figures.filter((figure) => !here.includes(figure))];
  const more = useMore(ordered.length, stage);
  const buttons = useRef(new Map<string, HTMLButtonElement>());
  const close = (key: string) => {
    open(null);
    buttons.current.get(key)?.focus();
  };
  return (
    <section className="band" aria-label="Figures" style={WIDTHS}>
      {shown && <Slip figure={shown} close={() => close(shown.key)} />}
      <ul ref={more.list}>
        {ordered.map((figure) => (
          <li key={figure.key} className={here.length > 0 && figure === here.at(-1) ? 'figure-last-here' : ''}>
            <button
              type="button"
              ref={(button) => {
                if (button) {
                  buttons.current.set(figure.key, button);
                }
              }}
              aria-expanded={working === figure.key}
              className="figure"
              onFocus={(event) => {
                focused(figure.key);
                reveal(event);
              }}
              onBlur={() => focused(null)}
              onClick={() => open(working === figure.key ? null : figure.key)}
            >
              <span className="figure-label">{figure.label}</span>
              <span className="figure-value">
                <Measure of={figure.value} />
              </span>
            </button>
          </li>
        ))}
      </ul>
      {more.before > 0 && (
        <button type="button" className="band-more band-before" onClick={more.back}>
          <span aria-hidden="true">‹ </span>
          {more.before} before
        </button>
      )}
      {more.after > 0 && (
        <button type="button" className="band-more band-after" onClick={more.on}>
          {more.after} more<span aria-hidden="true"> ›</span>
        </button>
      )}
    </section>
  );
}

/** The sum written out, so that it can be checked with a pencil. */
function Slip({ figure, close }: { figure: FigureView; close: () => void }) {
  const slip = useRef<HTMLElement>(null);
  const { working } = figure;
  useEffect(() => {
    slip.current?.focus();
  }, [figure.key]);
  return (
    <section
      ref={slip}
      tabIndex={-1}
      className="slip"
      aria-label={`Working of ${figure.label.toLowerCase()}`}
      onKeyDown={(event) => {
        if (event.key === 'Escape') {
          event.stopPropagation();
          close();
        }
      }}
    >
      <div className="slip-top">
        <h2>{figure.label}</h2>
        <button type="button" className="slip-close" onClick={close}>
          Put away
        </button>
      </div>
      <p className="slip-formula">{working.formula}</p>
      <p className="slip-sum">
        <Measure of={working.sum} />
      </p>
      <dl>
        {working.terms.map((term) => (
          <div key={term.symbol}>
            <dt>{term.symbol}</dt>
            <dd>
              {term.meaning}: <Measure of={term.value} />
            </dd>
          </div>
        ))}
      </dl>
      {working.range && (
        <p>
          Between <Measure of={working.range.low} /> and <Measure of={working.range.high} />.
        </p>
      )}
      {working.notes.map((note, i) => (
        <p key={i}>
          <Measure of={note} />
        </p>
      ))}
      <p className="slip-source">Source: {working.source}.</p>
    </section>
  );
}
