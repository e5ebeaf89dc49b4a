import { Button, Input } from 'antd';
import { Link } from 'react-router';
import { useThings } from '../../api/drawers';
import { SelectField } from '../../ui/choices';
import { marked, type Begin, type Field } from './useBegin';

/** What is wrong in a field, in one line. */
export function FieldLine({ begin, at }: { begin: Begin; at: Field }) {
  const line = begin.line(at);
  return line === null ? null : (
    <p className="field-line" role="alert" id={`wrong-${at}`}>
      {line}
    </p>
  );
}

interface TextProps {
  begin: Begin;
  at: Field;
  label: string;
  value: string;
  change: (value: string) => void;
  placeholder?: string;
  first?: boolean;
  whole?: boolean;
  help?: string;
}

/** A field in which something is typed. */
export function BeginField({ begin, at, label, value, change, placeholder, first, whole, help }: TextProps) {
  return (
    <div className="field">
      <label htmlFor={`begin-${at}`}>{label}</label>
      <Input
        id={`begin-${at}`}
        value={value}
        maxLength={80}
        autoFocus={first ?? false}
        placeholder={placeholder ?? ''}
        onChange={(event) => change(event.target.value)}
        {...(whole ? { inputMode: 'numeric' as const } : {})}
        {...marked(begin, at)}
      />
      {begin.line(at) === null ? help && <p className="field-help">{help}</p> : <FieldLine begin={begin} at={at} />}
    </div>
  );
}

interface PaperProps {
  begin: Begin;
  from: string;
  choose: (id: string) => void;
  weight: string;
  change: (weight: string) => void;
}

/** What paper: one of the drawer, or its weight. */
export function PaperFields({ begin, from, choose, weight, change }: PaperProps) {
  const papers = useThings('PAPERS')?.things ?? [];
  return (
    <>
      <SelectField
        label="Paper from the drawer"
        value={from}
        options={[
          { value: '', label: 'not from the drawer' },
          ...papers.map((thing) => ({ value: thing.id, label: thing.name })),
        ]}
        choose={choose}
      />
      {!from && (
        <BeginField
          begin={begin}
          at="weight"
          label="Paper weight"
          value={weight}
          change={change}
          help="120 gsm, 24 lb bond, 80 lb text …"
        />
      )}
    </>
  );
}

/** The presses under what was typed. */
export function BeginActs({ words, close }: { words: string; close: () => void }) {
  return (
    <div className="begin-acts">
      <Link to="/templates" className="begin-kept">
        From a kept template
      </Link>
      <Button onClick={close}>Leave it</Button>
      <Button type="primary" htmlType="submit">
        {words}
      </Button>
    </div>
  );
}
