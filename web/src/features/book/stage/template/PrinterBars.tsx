import { Button, Input } from 'antd';
import { useState, type FormEvent } from 'react';
import { api, failure, outcome, type Outcome, type PrinterView, type SheetView } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { Measure } from '../../../../units/Measure';
import { useUnit } from '../../../../units/unit';

interface Props {
  sheet: SheetView;
  printer: PrinterView;
  corrected: (printer: PrinterView) => Promise<void>;
}

/** What the printed bars measure; the next print comes out right. */
export function PrinterBars({ sheet, printer, corrected }: Props) {
  const { state } = useSession();
  const { unit } = useUnit();
  const [across, setAcross] = useState('');
  const [along, setAlong] = useState('');
  const [wrong, setWrong] = useState<{ field: string; line: string } | null>(null);
  const params = { path: { id: printer.id } };
  const answered = async (result: Outcome<PrinterView>) => {
    if (result.kind === 'value') {
      setWrong(null);
      setAcross('');
      setAlong('');
      await corrected(result.value);
    } else if (result.kind === 'refused') {
      setWrong({ field: result.problem.field ?? 'across', line: result.problem.message });
    } else {
      setWrong({ field: 'across', line: failure(result) });
    }
  };
  const correct = async (event: FormEvent) => {
    event.preventDefault();
    await answered(
      await outcome(
        api.PUT('/api/printers/{id}/correction', {
          params,
          body: { across, along, unit, barUnit: state.document.unit },
        }),
      ),
    );
  };
  const bar = (name: 'across' | 'along', label: string, text: string, set: (text: string) => void) => (
    <div className="field">
      <label htmlFor={`bar-${name}`}>{label}</label>
      <Input
        id={`bar-${name}`}
        value={text}
        status={wrong?.field === name ? 'error' : ''}
        aria-invalid={wrong?.field === name}
        aria-describedby={wrong?.field === name ? 'bar-wrong' : undefined}
        onChange={(event) => set(event.target.value)}
      />
    </div>
  );
  return (
    <form className="bars" onSubmit={(event) => void correct(event)}>
      <h2>The printed bars measure</h2>
      <p className="field-help">
        Each should be <Measure of={sheet.checkBar} />.
        {sheet.trial && (
          <>
            {' '}
            On the simulated print a rule reads <Measure of={sheet.trial.across} /> level and{' '}
            <Measure of={sheet.trial.along} /> upright.
          </>
        )}
      </p>
      <div className="field-pair">
        {bar('across', 'Level bar', across, setAcross)}
        {bar('along', 'Upright bar', along, setAlong)}
      </div>
      {wrong && (
        <p className="field-line" role="alert" id="bar-wrong">
          {wrong.line}
        </p>
      )}
      <Button size="small" htmlType="submit">
        Correct the printer
      </Button>
      {!printer.none && (
        <p className="bars-now">
          Stretched to {printer.across} across and {printer.along} along.{' '}
          <Button
            size="small"
            onClick={() => void outcome(api.DELETE('/api/printers/{id}/correction', { params })).then(answered)}
          >
            Print as it is
          </Button>
        </p>
      )}
    </form>
  );
}
