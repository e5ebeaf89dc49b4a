import type { Looks } from '../../api/client';
import { flatSheets, lyingBlock, type Lying } from './geometry';
import './bench.css';

interface Props {
  book: Looks;
  scale: number;
}

/** Lines closer than this many pixels run into each other. */
const APART = 2.4;

function Box({ drawn }: { drawn: Lying }) {
  return (
    <>
      <polygon className="lying-side" points={drawn.side} />
      <polygon className="lying-top" points={drawn.top} />
      <rect className="lying-edge" {...drawn.edge} />
    </>
  );
}

/** Sheets as they are cut, flat on each other, with the line they will be folded at. */
export function FlatSheets({ book, scale }: Props) {
  const drawn = flatSheets(book.sheets, scale);
  return (
    <g>
      <Box drawn={drawn} />
      {book.sheets.widthMm > book.block.widthMm * 1.5 && <polyline className="lying-fold" points={drawn.across(0.5)} />}
    </g>
  );
}

/** Folded signatures lying on each other, their folds towards the eye: with holes once they are punched, and the thread so far. */
export function LyingBlock({ book, scale }: Props) {
  const drawn = lyingBlock(book.block, scale);
  const parts = book.signatures;
  const step = drawn.thick / parts;
  return (
    <g>
      <Box drawn={drawn} />
      {step >= APART &&
        Array.from({ length: parts - 1 }, (_, i) => (
          <line
            key={i}
            className="lying-between"
            x2={drawn.length}
            y1={drawn.away.y + (i + 1) * step}
            y2={drawn.away.y + (i + 1) * step}
          />
        ))}
      {book.punched &&
        book.frontThread.length === 0 &&
        book.stations.map((station) => (
          <line
            key={station.number}
            className="lying-holes"
            x1={station.fromHeadMm * scale}
            x2={station.fromHeadMm * scale}
            y1={drawn.away.y + 1}
            y2={drawn.away.y + drawn.thick - 1}
          />
        ))}
      {book.frontThread.slice(0, book.frontSewn).map((places, i) => (
        <polyline key={i} className="standing-stitch" points={drawn.onTop(places)} />
      ))}
      {book.spineThread.slice(0, book.spineSewn).map((places, i) => (
        <polyline key={i} className="standing-stitch" points={drawn.onEdge(places)} />
      ))}
    </g>
  );
}
