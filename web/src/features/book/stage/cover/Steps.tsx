import { Checkbox } from 'antd';
import type { CoverStepView } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { Measure } from '../../../../units/Measure';
import { withTick } from './edits';

function listed(numbers: readonly number[]) {
  return numbers.length < 2
    ? String(numbers[0] ?? '')
    : `${numbers.slice(0, -1).join(', ')} and ${numbers[numbers.length - 1]}`;
}

/** Steps of the work, each ticked when it is done. */
export function Steps({ parts, name }: { parts: readonly CoverStepView['part'][]; name: string }) {
  const { session, state } = useSession();
  const steps = state.plan.covering.steps.filter((step) => parts.includes(step.part));
  if (steps.length === 0) {
    return null;
  }
  return (
    <section className="cover-steps" aria-label={name}>
      <h2>{name}</h2>
      <ol start={steps[0]?.number}>
        {steps.map((step) => (
          <li key={step.key}>
            <Checkbox
              checked={state.document.covering.ticked.includes(step.key)}
              onChange={(event) =>
                session.change(
                  event.target.checked ? 'a step of the cover is done' : 'a step of the cover is not done',
                  withTick(step.key, event.target.checked),
                )
              }
            >
              {step.part === 'DRY' && <span className="cover-dry">Tried first: </span>}
              {step.meanwhile && <span className="cover-dry">While that lies: </span>}
              <Measure of={step.words} />
              {step.waitsOn.length > 0 && <span className="cover-lies"> Waits on {listed(step.waitsOn)}.</span>}
              {step.lies && <span className="cover-lies"> It lies {step.lies}.</span>}
            </Checkbox>
          </li>
        ))}
      </ol>
    </section>
  );
}
