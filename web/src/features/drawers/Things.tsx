import { Button, Input } from 'antd';
import { useState, type ReactNode } from 'react';
import type { DrawerView, ThingView } from '../../api/client';
import { Measure } from '../../units/Measure';
import { asked, BY_NAME, BY_THICKNESS, holding, ordered, type Order } from './order';
import { Swatch } from './Swatch';
import { UsedIn } from './UsedIn';

/** Fewer things than these are seen at a glance. */
const SOUGHT = 6;

interface Props {
  drawer: DrawerView;
  /** The thing that is being changed, and the form it is changed in. */
  edited: string | null;
  form: (thing: ThingView) => ReactNode;
  change: (thing: ThingView) => void;
  putAway: (thing: ThingView) => void;
}

interface HeadProps {
  by: string;
  label: string;
  order: Order;
  sort: (order: Order) => void;
}

/** The head of a column; pressed, things lie in its order. */
function Head({ by, label, order, sort }: HeadProps) {
  const now = order.by === by;
  return (
    <th scope="col" aria-sort={now ? (order.turned ? 'descending' : 'ascending') : 'none'}>
      <button type="button" onClick={() => sort(asked(order, by))}>
        {label}
        <span aria-hidden="true">{now ? (order.turned ? ' ▾' : ' ▴') : ''}</span>
      </button>
    </th>
  );
}

/** All that lies in a drawer, a line for each; put in order by any column, sought by anything that is known. */
export function Things({ drawer, edited, form, change, putAway }: Props) {
  const [order, setOrder] = useState<Order>({ by: BY_NAME, turned: false });
  const [text, setText] = useState('');
  const columns = drawer.columns.filter(
    (column) => !column.detail && drawer.things.some((thing) => thing.cells[column.key]),
  );
  const thick = drawer.things.some((thing) => thing.thickness);
  const shown = ordered(holding(drawer.things, text), order);
  const wide = columns.length + (thick ? 4 : 3);
  return (
    <>
      {drawer.things.length >= SOUGHT && (
        <Input
          className="things-find"
          aria-label={`Find in ${drawer.name.toLowerCase()}`}
          placeholder={`Find in ${drawer.name.toLowerCase()}`}
          value={text}
          allowClear
          onChange={(event) => setText(event.target.value)}
        />
      )}
      <table className="things" aria-label={drawer.name}>
        <thead>
          <tr>
            <Head by={BY_NAME} label="Name" order={order} sort={setOrder} />
            {thick && <Head by={BY_THICKNESS} label="Thick" order={order} sort={setOrder} />}
            {columns.map((column) => (
              <Head key={column.key} by={column.key} label={column.label} order={order} sort={setOrder} />
            ))}
            <th scope="col">Used in</th>
            <td />
          </tr>
        </thead>
        <tbody>
          {shown.length === 0 && (
            <tr>
              <td colSpan={wide}>Nothing in this drawer holds “{text.trim()}”.</td>
            </tr>
          )}
          {shown.map((thing) =>
            edited === thing.id ? (
              <tr key={thing.id}>
                <td colSpan={wide}>{form(thing)}</td>
              </tr>
            ) : (
              <tr key={thing.id} className="thing">
                <th scope="row">
                  <Swatch drawer={drawer.drawer} thing={thing} />
                  <span className="thing-name">
                    {thing.name}
                    {thing.cells['note'] && <small>{thing.cells['note'].mm}</small>}
                  </span>
                </th>
                {thick && (
                  <td data-label="Thick" className="thing-number">
                    {thing.thickness && <Measure of={thing.thickness} />}
                  </td>
                )}
                {columns.map((column) => (
                  <td
                    key={column.key}
                    data-label={column.label}
                    className={thing.numbers[column.key] === undefined ? '' : 'thing-number'}
                  >
                    {thing.cells[column.key] && <Measure of={thing.cells[column.key]!} />}
                  </td>
                ))}
                <td data-label="Used in">
                  {thing.usedIn.length > 0 && <UsedIn drawer={drawer.drawer} thing={thing} />}
                </td>
                <td className="thing-acts">
                  <Button size="small" onClick={() => change(thing)} aria-label={`Change ${thing.name}`}>
                    Change
                  </Button>
                  <Button size="small" onClick={() => putAway(thing)} aria-label={`Put ${thing.name} away`}>
                    Put away
                  </Button>
                </td>
              </tr>
            ),
          )}
        </tbody>
      </table>
    </>
  );
}
