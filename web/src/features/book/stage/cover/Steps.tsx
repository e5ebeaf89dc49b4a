import { Checkbox } from 'antd';
import type { CoverStepView } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { Measure } from '../../../../units/Measure';
import { withTick } from './edits';

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
      <ol>
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
              <Measure of={step.words} />
              {step.lies && <span className="cover-lies"> It lies {step.lies}.</span>}
            </Checkbox>
          </li>
        ))}
      </ol>
    </section>
  );
}
