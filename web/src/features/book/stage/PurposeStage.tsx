import { Button, Checkbox } from 'antd';
import { Link } from 'react-router';
import type { BookDocument } from '../../../api/client';
import { useSession } from '../../../state/useSession';
import { Segmented } from '../../../ui/choices';
import { NEEDS } from '../../../ui/needs';
import { CountField, TextField } from '../fields';
import { StageFrame } from '../StageFrame';
import { COPIES } from '../../../ui/stages';
import { PatternChoice } from './PatternChoice';
import { ExtentField } from './ExtentField';
import { Structures } from './purpose/Structures';
import './purpose/purpose.css';

type Use = BookDocument['use'];
function withUse(part: Partial<Use>): (document: BookDocument) => BookDocument {
  return (document) => ({ ...document, use: { ...document.use, ...part } });
}

/** What it is called, what it has to do, and which structure suits that; the book as it will lie there when it is done. */
export function PurposeStage() {
  const { session, state } = useSession();
  const { document } = state;
  return (
    <StageFrame
      stage="PURPOSE"
      tall
      choices={
        <>
          <PatternChoice />
          <TextField
            label="Name"
            field="name"
            value={document.name}
            maxLength={80}
            edit={(d, name) => ({ ...d, name })}
          />
          <TextField
            label="What it is for"
            field="purpose"
            value={document.purpose}
            maxLength={400}
            multiline
            edit={(d, purpose) => ({ ...d, purpose })}
          />
          <ExtentField />
          <div className="field" role="group" aria-label="What it has to do">
            <span className="field-name">It is</span>
            <Checkbox.Group
              className="needs"
              options={NEEDS}
              value={document.use.needs}
              onChange={(needs) =>
                session.change(
                  'what it has to do',
                  withUse({ needs: NEEDS.map((one) => one.value).filter((need) => needs.includes(need)) }),
                )
              }
            />
          </div>
          <Segmented
            label="Made by hands"
            value={document.use.hands}
            options={[
              { value: 'PRACTISED', label: 'practised' },
              { value: 'NEW', label: 'new to it' },
              { value: 'CHILDREN', label: 'of children' },
            ]}
            choose={(hands) => session.change('whose hands', withUse({ hands }))}
          />
          <div className="field-pair">
            <CountField
              label="Copies"
              field="use.copies"
              what="copies"
              value={document.use.copies}
              edit={(d, copies) => withUse({ copies })(d)}
            />
            <Segmented
              label="Printed in"
              value={document.unit}
              options={[
                { value: 'MM', label: 'mm' },
                { value: 'INCH', label: 'inches' },
              ]}
              choose={(chosen) => session.change('unit', (d) => ({ ...d, unit: chosen }))}
            />
          </div>
          {document.use.copies > 1 && (
            <p>
              <Link to={`/books/${state.view.id}/${COPIES}`}>How they differ, and what is done of each</Link>
            </p>
          )}
          <p className="acts">
            <Button size="small" href={`/api/books/${state.view.id}/file`}>
              Save as a file
            </Button>
            <Button size="small" href={`/api/books/${state.view.id}/archive`}>
              Save with all that is kept of it
            </Button>
          </p>
        </>
      }
      drawing={() => <Structures />}
    />
  );
}
