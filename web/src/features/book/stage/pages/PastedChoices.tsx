import { Button } from 'antd';
import type { PagePlan } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { SelectField } from '../../../../ui/choices';
import { CountField, LengthField } from '../../fields';
import { withPasted, withPastedSo, withoutPasted, type Pasted } from './pasted';

const BEGIN = { LEAF: 'Tip a leaf on', POCKET: 'Paste a pocket in' } as const;

/** What is pasted to pages: leaves tipped on, and pockets. */
export function PastedChoices({ plan }: { plan: PagePlan }) {
  const { session, state } = useSession();
  const { pasted } = state.document.pages;
  return (
    <section className="pasted" aria-label="Pasted to pages">
      {pasted.map((one, at) => (
        <One key={at} one={one} at={at} plan={plan} />
      ))}
      <p className="acts">
        {plan.starting.map((start) => (
          <Button
            key={start.kind}
            size="small"
            onClick={() => session.change(BEGIN[start.kind].toLowerCase(), withPasted(start))}
          >
            {BEGIN[start.kind]}
          </Button>
        ))}
      </p>
    </section>
  );
}

function One({ one, at, plan }: { one: Pasted; at: number; plan: PagePlan }) {
  const { session, state } = useSession();
  const { papers } = state.plan;
  const shown = plan.pasted[at];
  const field = `pages.pasted.${at}`;
  const what = one.kind === 'LEAF' ? 'leaf' : 'pocket';
  return (
    <div className="pasted-one" role="group" aria-label={shown?.words ?? what}>
      <h3>{one.kind === 'LEAF' ? 'A leaf tipped on' : 'A pocket'}</h3>
      <CountField
        label={one.kind === 'LEAF' ? 'To page' : 'On page'}
        field={`${field}.page`}
        what="the page"
        value={one.page}
        edit={(d, page) => withPastedSo(at, { page })(d)}
        help="Counted through all pages, from the first."
      />
      {papers.length > 1 && (
        <SelectField
          label="Paper"
          value={String(one.paper)}
          options={papers.map((paper, i) => ({ value: String(i), label: paper.name }))}
          choose={(paper) => session.change(`paper of the ${what}`, withPastedSo(at, { paper: Number(paper) }))}
        />
      )}
      <div className="pasted-narrow">
        <LengthField
          label="Width"
          field={`${field}.widthMm`}
          shown={shown?.width}
          edit={(d, widthMm) => withPastedSo(at, { widthMm })(d)}
        />
      </div>
      <div className="pasted-narrow">
        <LengthField
          label="Height"
          field={`${field}.heightMm`}
          shown={shown?.height}
          edit={(d, heightMm) => withPastedSo(at, { heightMm })(d)}
        />
      </div>
      {one.kind === 'POCKET' && (
        <LengthField
          label="Thickness of what it holds"
          field={`${field}.holdsMm`}
          shown={shown?.holds}
          edit={(d, holdsMm) => withPastedSo(at, { holdsMm })(d)}
        />
      )}
      <Button size="small" onClick={() => session.change(`${what} taken out`, withoutPasted(at))}>
        Take it out
      </Button>
    </div>
  );
}
