import { Button, Input, Select } from 'antd';
import { useEffect, useId, useState, type FormEvent } from 'react';
import { api, failure, outcome, type ColumnView, type DrawerView, type ThingView } from '../../api/client';
import { leaveReadingPlace, offerReadingPlace } from '../../ui/readingPlace';
import { useUnit, useWords } from '../../units/unit';

interface Props {
  drawer: DrawerView;
  /** Left out for a new thing. */
  thing?: ThingView;
  done: () => void;
  leave: () => void;
}

type Cells = Record<string, string>;

/** What is known of a thing, typed; a wrong value is told at its field and nothing is kept until all are right. */
export function ThingForm({ drawer, thing, done, leave }: Props) {
  const { unit } = useUnit();
  const words = useWords();
  const name: ColumnView = {
    key: 'name',
    label: 'Name',
    kind: 'WORDS',
    required: true,
    measured: false,
    detail: false,
    choices: [],
  };
  const before: Cells = Object.fromEntries(
    drawer.columns.map((column) => {
      const cell = thing?.cells[column.key];
      return [column.key, cell ? words(cell) : ''];
    }),
  );
  const start = { name: thing?.name ?? '', ...before };
  const [cells, setCells] = useState<Cells>(start);
  const [wrong, setWrong] = useState<{ field: string; message: string } | null>(null);
  const columns = [name, ...drawer.columns];

  const keep = async (event: FormEvent) => {
    event.preventDefault();
    const result = thing
      ? await outcome(
          api.PUT('/api/drawers/things/{id}', {
            params: { path: { id: thing.id } },
            body: { version: thing.version, unit, cells: changed(start, cells) },
          }),
        )
      : await outcome(
          api.POST('/api/drawers/{drawer}/things', {
            params: { path: { drawer: drawer.drawer } },
            body: { unit, cells },
          }),
        );
    if (result.kind === 'value') {
      done();
    } else if (result.kind === 'refused') {
      setWrong({ field: result.problem.field ?? '', message: result.problem.message });
    } else {
      setWrong({
        field: '',
        message: `${failure(result)} What was typed stays here.`,
      });
    }
  };

  return (
    <form
      className="thing-form"
      onSubmit={(event) => void keep(event)}
      noValidate
      aria-label={thing ? `Change ${thing.name}` : 'Lay something in'}
    >
      <div className="thing-fields">
        {columns.map((column) => (
          <Cell
            key={column.key}
            column={column}
            text={cells[column.key] ?? ''}
            first={column.key === 'name' && !thing}
            wrong={wrong?.field === column.key ? wrong.message : null}
            type={(text) => setCells((all) => ({ ...all, [column.key]: text }))}
          />
        ))}
      </div>
      {wrong && !columns.some((column) => column.key === wrong.field) && (
        <p className="field-line" role="alert">
          {wrong.message}
        </p>
      )}
      <p className="begin-acts">
        <Button onClick={leave}>Leave it</Button>
        <Button type="primary" htmlType="submit">
          {thing ? 'Keep it so' : 'Lay it in'}
        </Button>
      </p>
    </form>
  );
}

/** Only what was typed anew is sent, so that a value shown rounded is never kept rounded. */
function changed(before: Cells, after: Cells): Cells {
  return Object.fromEntries(Object.entries(after).filter(([key, text]) => text !== before[key]));
}

interface CellProps {
  column: ColumnView;
  text: string;
  first: boolean;
  wrong: string | null;
  type: (text: string) => void;
}

function Cell({ column, text, first, wrong, type }: CellProps) {
  const id = useId();
  useEffect(() => () => leaveReadingPlace(id), [id]);
  return (
    <div className="field">
      <label htmlFor={id}>{column.label}</label>
      {column.kind === 'CHOICE' ? (
        <Select
          id={id}
          aria-label={column.label}
          value={column.choices.find((one) => one.key === text || one.words === text)?.key ?? ''}
          status={wrong ? 'error' : ''}
          options={[
            ...(column.required ? [] : [{ value: '', label: 'not said' }]),
            ...column.choices.map((one) => ({ value: one.key, label: one.words })),
          ]}
          onChange={type}
          popupMatchSelectWidth={false}
        />
      ) : (
        <Input
          id={id}
          value={text}
          autoFocus={first}
          status={wrong ? 'error' : ''}
          aria-invalid={wrong !== null}
          aria-describedby={wrong ? `${id}-line` : undefined}
          onChange={(event) => type(event.target.value)}
          onFocus={() => column.measured && offerReadingPlace({ id, label: column.label, put: type })}
        />
      )}
      {wrong && (
        <p className="field-line" id={`${id}-line`} role="alert">
          {wrong}
        </p>
      )}
    </div>
  );
}
