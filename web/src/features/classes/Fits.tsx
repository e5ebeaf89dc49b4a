import { Button } from 'antd';
import type { CourseView } from '../../api/client';
import { useWords } from '../../units/unit';

interface Props {
  view: CourseView;
  take: (change: CourseView['changes'][number]) => void;
}

/** Whether the class fits its time and hands, what would make it fit, and who does what. */
export function Fits({ view, take }: Props) {
  const { fit, document } = view;
  const words = useWords();
  const before = view.steps.filter((step) => step.who === 'TEACHER');
  const during = view.steps.filter((step) => step.who !== 'TEACHER');
  return (
    <section aria-label="Whether it fits">
      <p className={fit.fits ? 'class-fit' : 'class-fit class-unfit'} role="status">
        <strong>{fit.words}</strong> in {document.minutes} minutes: usual hands take {view.usual}, quick ones{' '}
        {view.quick}, slow ones {view.slow}, {view.besides} of it to come in and to tidy up
        {view.waited && `, ${view.waited} while something lies`}
        {view.atBlade && `, ${view.atBlade} an adult at blade or point for all`}.
      </p>
      {view.stopped && (
        <p className="class-wrong">Its book cannot be made as it is; the remarks at the book say why.</p>
      )}
      {view.unfit && <p className="class-wrong">{words(view.unfit)}</p>}
      {view.otherwise.length > 0 && (
        <ul className="class-otherwise" aria-label="Otherwise than at your own table">
          {view.otherwise.map((one, i) => (
            <li key={i}>{words(one)}</li>
          ))}
        </ul>
      )}
      {view.changes.length > 0 && (
        <ul className="class-changes" aria-label="What would make it fit">
          {view.changes.map((change, i) => (
            <li key={i}>
              <Button size="small" onClick={() => take(change)}>
                {words(change.words)}
              </Button>{' '}
              then it takes {change.minutes}
            </li>
          ))}
        </ul>
      )}
      {!fit.fits && view.changes.length === 0 && (
        <p className="class-wrong">No change of what is done before, of stations or of structure makes it fit.</p>
      )}
      <Steps name="In the class" steps={during} />
      <p className="class-caution">{view.caution}</p>
      <Steps name={`Before it, ${view.before}`} steps={before} />
    </section>
  );
}

function Steps({ name, steps }: { name: string; steps: CourseView['steps'] }) {
  const words = useWords();
  if (steps.length === 0) {
    return null;
  }
  return (
    <div className="class-steps">
      <h2>{name}</h2>
      <ol>
        {steps.map((step, i) => (
          <li key={i} className={step.who === 'ADULT' ? 'class-adult' : ''}>
            <span className="class-minutes">{step.minutes}</span>
            <span>
              {words(step.words)}
              {step.who === 'ADULT' && <em> {step.whose}</em>}
              <span className="class-range">
                {' '}
                {step.range}
                {step.waits && `, then it lies ${step.waits}`}
              </span>
            </span>
          </li>
        ))}
      </ol>
    </div>
  );
}
