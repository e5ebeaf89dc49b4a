import { Button } from 'antd';
import { useSession } from '../../../../state/useSession';
import { useWords } from '../../../../units/unit';
import { LengthField } from '../../fields';
import { withMeasured } from './edits';

/** The block in the hand: each measure as planned until it is measured. */
export function BlockMeasures() {
  const { session, state } = useSession();
  const words = useWords();
  return (
    <section className="block-measures" aria-label="The sewn block">
      <h2>The sewn block</h2>
      <p className="field-help">As planned, until you type or take what you measure.</p>
      <div className="block-measured">
        {state.plan.covering.block.map((one) => (
          <div key={one.key}>
            <LengthField
              label={one.words}
              field={`covering.block.${one.key}`}
              shown={one.measured ?? one.planned}
              edit={(d, mm) => withMeasured(one.key, mm)(d)}
              help={one.measured && `Planned: ${words(one.planned)}.`}
            />
            {one.measured && (
              <Button
                size="small"
                aria-label={`${one.words} as planned`}
                onClick={() =>
                  session.change(`${one.words.toLowerCase()} as planned`, withMeasured(one.key, undefined))
                }
              >
                As planned
              </Button>
            )}
          </div>
        ))}
      </div>
    </section>
  );
}
