import { Button } from 'antd';
import { useRef } from 'react';
import type { SupplyView } from '../../api/client';
import { StockSheet } from '../../drawing/StockSheet';
import { useSize } from '../../ui/useSize';
import { Measure } from '../../units/Measure';
import { useUnit } from '../../units/unit';

type Table = SupplyView['tables'][number];

/** Everything that is cut from one thing: its sheets with their cuts, what is wanted of it, what is left. */
export function CutTable({ table, cut }: { table: Table; cut: () => void }) {
  const place = useRef<HTMLElement>(null);
  const { width } = useSize(place);
  const { unit } = useUnit();
  const each = Math.max(260, Math.min(width || 260, 330));
  return (
    <section className="cut-table" aria-label={`To cut from ${table.name}`} ref={place}>
      <h2>To cut from {table.name}</h2>
      <p>
        {table.pieces} pieces out of {counted(table.sheets, 'new sheet')}
        {table.offcuts > 0 && ` and ${counted(table.offcuts, 'off-cut')}`}
        {table.missing.length > 0
          ? `. Not among them, because no sheet holds it with its grain right and the knife there is: ${table.missing.join('; ')}.`
          : table.fewest
            ? '; fewer will not do.'
            : '.'}{' '}
        {table.sheets + table.offcuts > 0 && (
          <Button size="small" onClick={cut} aria-label={`Cut from ${table.name}`}>
            Cut: take them out, lay off-cuts in
          </Button>
        )}{' '}
        {table.cuts.length > 0 && (
          <Button
            size="small"
            href={`/api/supplies/cuts.pdf?thing=${table.thing}${table.books.map((id) => `&books=${id}`).join('')}&paper=${unit === 'MM' ? 'A4' : 'LETTER'}&unit=${unit}`}
            target="_blank"
            aria-label={`Print the cuts from ${table.name}`}
          >
            Print the cuts
          </Button>
        )}
      </p>
      {table.kept.length > 0 && (
        <p className="cut-table-kept">
          Left and worth keeping:{' '}
          {table.kept.map((kept, i) => (
            <span key={i}>
              {i > 0 && ', '}
              {kept.number > 1 && `${kept.number} of `}
              <Measure of={kept.size} />
            </span>
          ))}
          .
        </p>
      )}
      <ol className="cut-table-sizes">
        {table.wanted.map((one, i) => (
          <li key={i}>
            <span className="number">
              {one.number} of <Measure of={one.size} />
            </span>{' '}
            {one.whose}
          </li>
        ))}
      </ol>
      <div className="cut-table-sheets">
        {table.cuts.map((one, i) => (
          <Sheet key={i} sheet={one} width={each} />
        ))}
      </div>
    </section>
  );
}

function counted(number: number, what: string) {
  return `${number} ${what}${number === 1 ? '' : 's'}`;
}

function Sheet({ sheet, width }: { sheet: Table['cuts'][number]; width: number }) {
  const { unit } = useUnit();
  const { layout } = sheet;
  const height = Math.min(430, ((width - 90) * sheet.heightMm) / sheet.widthMm + 56);
  return (
    <figure>
      <figcaption>
        {layout.sheets > 1 && `${layout.sheets} of `}
        {sheet.name}
        {sheet.offcut && ', an off-cut'}, <Measure of={sheet.size} />
      </figcaption>
      <StockSheet
        cutting={sheet}
        layout={layout}
        folded={false}
        named
        width={width}
        height={height}
        unit={unit}
        label={`${sheet.name} with ${layout.pieces.length} pieces and ${layout.cuts.length} cuts`}
      />
      <ol className="cut-table-steps" aria-label={`Cuts of ${sheet.name}`}>
        {layout.steps.map((step, i) => (
          <li key={i}>
            <Measure of={step} />
          </li>
        ))}
      </ol>
    </figure>
  );
}
