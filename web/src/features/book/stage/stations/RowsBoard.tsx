import { Radio } from 'antd';
import { useState } from 'react';
import type { RowsView } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { useWords } from '../../../../units/unit';
import { useHoles } from './edits';
import { seen, type Look } from './look';
import { Schools } from './Schools';

const SPINE_HEIGHT = 300;

/** The cover's spine: upright with its holes, and across, divided by every school, one lane under another. */
export function RowsBoard({ width, rows }: { width: number; rows: RowsView }) {
  const [look, setLook] = useState<Look>('outside');
  const words = useWords();
  const byHand = useSession().state.document.rows.school === 'PLACED';
  const spineScale = Math.min(SPINE_HEIGHT / rows.heightMm, 90 / rows.widthMm);
  const spineWidth = rows.widthMm * spineScale;
  const narrow = width < 560;
  const across = (narrow ? width : width - spineWidth - 90) - 34;
  return (
    <section className="rows-board" aria-label="Rows across the spine of the cover">
      <div className="rows-top">
        <h2>
          {rows.rows.length} {rows.rows.length === 1 ? 'row' : 'rows'} on a spine of {words(rows.width)}
          {rows.pairs && ', two signatures to a row'}
        </h2>
        <Radio.Group
          aria-label="The cover is seen from"
          value={look}
          options={[
            { value: 'outside', label: 'from outside' },
            { value: 'inside', label: 'from inside' },
          ]}
          onChange={(event) => setLook(event.target.value as Look)}
        />
      </div>
      {rows.unfit && <p className="row-fault impossible">{words(rows.unfit)}; equal gaps are drawn instead.</p>}
      {rows.fault && byHand && (
        <p className={`row-fault${rows.fault.weight === 'STOP' ? ' impossible' : ''}`}>{words(rows.fault.words)}</p>
      )}
      <div className="rows-parts">
        <Upright rows={rows} scale={spineScale} look={look} />
        <Schools rows={rows} width={Math.max(200, across)} look={look} />
      </div>
    </section>
  );
}

/** The spine to scale with every hole, the squares at head and tail, front and back named. */
function Upright({ rows, scale, look }: { rows: RowsView; scale: number; look: Look }) {
  const { stations } = useHoles();
  const words = useWords();
  const wide = rows.widthMm * scale;
  const high = rows.heightMm * scale;
  const left = 36;
  const head = rows.headMm * scale;
  const tail = (rows.heightMm - rows.tailMm) * scale;
  return (
    <svg
      width={wide + 2 * left}
      height={high + 40}
      role="img"
      aria-label={`The spine of the cover from ${look}: ${rows.rows.length} rows of ${stations.length} holes, square at the head ${words(rows.head)}, at the tail ${words(rows.tail)}`}
    >
      <rect x={left} y={18} width={wide} height={high} className="cover-face" />
      <line x1={left - 8} x2={left + wide + 8} y1={18 + head} y2={18 + head} className="square-line" />
      <line x1={left - 8} x2={left + wide + 8} y1={18 + tail} y2={18 + tail} className="square-line" />
      {rows.rows.map((row) => {
        const x = left + seen(row.fromLeftMm, rows.widthMm, look) * scale;
        return (
          <g key={row.number} className="cover-row">
            {stations.map((station) => (
              <circle key={station.number} cx={x} cy={18 + head + station.fromHeadMm * scale} r={2} />
            ))}
          </g>
        );
      })}
      <text x={left + wide / 2} y={12} textAnchor="middle" className="end-name">
        head
      </text>
      <text x={left + wide / 2} y={high + 33} textAnchor="middle" className="end-name">
        tail
      </text>
      <Side x={left - 8} y={18 + high / 2} name={look === 'outside' ? 'back' : 'front'} />
      <Side x={left + wide + 18} y={18 + high / 2} name={look === 'outside' ? 'front' : 'back'} />
    </svg>
  );
}

function Side({ x, y, name }: { x: number; y: number; name: string }) {
  return (
    <text x={x} y={y} transform={`rotate(-90 ${x} ${y})`} textAnchor="middle" className="end-name">
      {name}
    </text>
  );
}
