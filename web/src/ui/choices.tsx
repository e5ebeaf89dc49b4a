import { Radio, Select } from 'antd';
import { useId } from 'react';

interface Option<K extends string> {
  value: K;
  label: string;
}

interface Props<K extends string> {
  label: string;
  value: K;
  options: readonly Option<K>[];
  choose: (value: K) => void;
}

/** A few ways to choose from, all of them seen. */
export function Segmented<K extends string>({ label, value, options, choose }: Props<K>) {
  const id = useId();
  return (
    <div className="field" role="group" aria-labelledby={id}>
      <span id={id} className="field-name">
        {label}
      </span>
      <Radio.Group value={value} onChange={(event) => choose(event.target.value as K)} aria-labelledby={id}>
        {options.map((option) => (
          <Radio key={option.value} value={option.value}>
            {option.label}
          </Radio>
        ))}
      </Radio.Group>
    </div>
  );
}

/** Many ways to choose from, opened when wanted. */
export function SelectField<K extends string>({ label, value, options, choose }: Props<K>) {
  const id = useId();
  return (
    <div className="field">
      <label htmlFor={id}>{label}</label>
      <Select
        id={id}
        value={value}
        options={[...options]}
        onChange={choose}
        aria-label={label}
        popupMatchSelectWidth={false}
      />
    </div>
  );
}
