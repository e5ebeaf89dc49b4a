import { Button } from 'antd';
import { useId, useMemo, useState } from 'react';
import type { Imposition, PrinterSide } from '../../../../../api/client';
import { useSession } from '../../../../../state/useSession';
import { useDrawnPages } from './useText';

interface Props {
  imposition: Imposition;
  text: string;
  openings: boolean;
  width: number;
}

/** More are shown by a press. */
const SHORT = 6;
const LARGEST = 420;
const BETWEEN = 18;

/** The printer's sheets, both sides, or the openings of the book, with the pages of the text on them. */
export function PrinterSheets({ imposition, text, openings, width }: Props) {
  const [most, setMost] = useState(SHORT);
  const all = openings ? imposition.openings.length : imposition.sheets.length;
  const sheets = imposition.sheets.slice(0, most);
  const spreads = imposition.openings.slice(0, most);
  const sides = openings
    ? spreads
    : sheets.flatMap((sheet) => (sheet.back ? [sheet.front, sheet.back] : [sheet.front]));
  const wanted = useMemo(
    () => [...new Set(sides.flatMap((side) => side.pages.map((page) => page.page)))],
    // what is wanted changes with what is shown alone
    // oxlint-disable-next-line react/exhaustive-deps
    [imposition, openings, most],
  );
  const drawn = useDrawnPages(text, wanted);
  const widest = Math.max(...sides.map((side) => side.widthMm));
  const scale = Math.min(LARGEST, (width - BETWEEN - 8) / 2, width - 8) / widest;
  const shared = { drawn, text, scale };
  return (
    <>
      {openings ? (
        <ol className="text-spreads">
          {spreads.map((side, i) => (
            <li key={i}>
              <Side name={named(side)} side={side} fold {...shared} />
            </li>
          ))}
        </ol>
      ) : (
        <ol className="page-sheets">
          {sheets.map((sheet, i) => (
            <li key={`${sheet.group}/${sheet.number}`}>
              <p>
                Printer’s sheet {i + 1}
                <span>: {sheet.holds}</span>
              </p>
              <div className="page-sides">
                <Side name="front" side={sheet.front} {...shared} />
                {sheet.back && <Side name="back, turned over as a leaf is" side={sheet.back} {...shared} />}
              </div>
            </li>
          ))}
        </ol>
      )}
      {all > most && (
        <Button size="small" onClick={() => setMost(most + 24)}>
          {all - most > 24 ? 'Show 24 more' : `Show the other ${all - most}`}
        </Button>
      )}
    </>
  );
}

function named(side: PrinterSide): string {
  const pages = side.pages.map((page) => page.page + 1);
  return pages.length === 0 ? 'white' : pages.length === 1 ? `page ${pages[0]}` : `pages ${pages.join(' and ')}`;
}

interface SideProps {
  name: string;
  side: PrinterSide;
  drawn: ReadonlySet<number>;
  text: string;
  /** CSS pixels in a millimetre. */
  scale: number;
  fold?: boolean;
}

function Side({ name, side, drawn, text, scale, fold }: SideProps) {
  const { id } = useSession().state.view;
  const clip = useId();
  const read = side.pages.map((page) => page.page + 1).join(', ');
  return (
    <figure>
      <svg
        width={side.widthMm * scale}
        height={side.heightMm * scale}
        viewBox={`0 0 ${side.widthMm} ${side.heightMm}`}
        role="img"
        aria-label={`${name}: ${read ? `page ${read} of the text` : 'white'}`}
      >
        <rect width={side.widthMm} height={side.heightMm} className="text-paper" />
        {side.pages.map(({ page, at, shown }, i) => (
          <g key={i}>
            <clipPath id={`${clip}-${i}`}>
              <rect x={shown.xMm} y={shown.yMm} width={shown.widthMm} height={shown.heightMm} />
            </clipPath>
            {drawn.has(page) ? (
              <image
                href={`/api/books/${id}/text/${text}/pages/${page}`}
                x={at.xMm}
                y={at.yMm}
                width={at.widthMm}
                height={at.heightMm}
                preserveAspectRatio="none"
                clipPath={`url(#${clip}-${i})`}
              />
            ) : (
              <text x={at.xMm + at.widthMm / 2} y={at.yMm + at.heightMm / 2} className="text-number">
                {page + 1}
              </text>
            )}
            <rect x={shown.xMm} y={shown.yMm} width={shown.widthMm} height={shown.heightMm} className="text-edge" />
          </g>
        ))}
        {fold && <line x1={side.widthMm / 2} x2={side.widthMm / 2} y1={0} y2={side.heightMm} className="text-fold" />}
        {side.marks.map((mark, i) =>
          mark.words ? (
            <text key={i} x={mark.x1Mm} y={mark.y1Mm} className="text-words">
              {mark.words}
            </text>
          ) : (
            <line
              key={i}
              x1={mark.x1Mm}
              y1={mark.y1Mm}
              x2={mark.x2Mm}
              y2={mark.y2Mm}
              className={`text-mark text-mark-${mark.kind?.toLowerCase()}`}
            />
          ),
        )}
      </svg>
      <figcaption>{name}</figcaption>
    </figure>
  );
}
