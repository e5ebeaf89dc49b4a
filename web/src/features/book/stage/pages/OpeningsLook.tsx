import { Button } from 'antd';
import { useState } from 'react';
import type { PagePlan } from '../../../../api/client';

type Opening = PagePlan['readings'][number][number];

/** More are shown by a press. */
const SHORT = 24;

/** The openings as a reader turns them: which pages face each other, from which sheets, and where a picture runs across unbroken. */
export function OpeningsLook({ readings }: { readings: PagePlan['readings'] }) {
  return (
    <>
      {readings.map((openings, i) => (
        <section key={i} aria-label={readings.length > 1 ? `Read from cover ${i + 1}` : 'Openings'}>
          {i > 0 && <h2>Turned over, read from the other cover</h2>}
          <Openings openings={openings} />
        </section>
      ))}
    </>
  );
}

function Openings({ openings }: { openings: readonly Opening[] }) {
  const [whole, setWhole] = useState(false);
  const shown = whole ? openings : openings.slice(0, SHORT);
  return (
    <>
      <ol className="page-openings">
        {shown.map((opening, i) => (
          <li key={i} className={opening.unbroken ? 'page-opening page-unbroken' : 'page-opening'}>
            <div className="page-spread">
              <Half page={opening.left} of={opening.leftOf} />
              <Half page={opening.right} of={opening.rightOf} />
            </div>
            {opening.unbroken && <p>One sheet: a picture runs across.</p>}
          </li>
        ))}
      </ol>
      {openings.length > shown.length && (
        <Button size="small" onClick={() => setWhole(true)}>
          Show all {openings.length} openings
        </Button>
      )}
    </>
  );
}

function Half({ page, of }: { page?: Opening['left']; of?: string | null }) {
  return page ? (
    <span className={page.kind === 'TEXT' ? 'page-half' : 'page-half page-half-none'}>
      <b>
        {page.words} {page.picture && <i>{page.picture}</i>}
        {page.pocket && <i>pocket</i>}
      </b>
      <small>{of}</small>
    </span>
  ) : (
    <span className="page-half page-half-cover">
      <small>cover</small>
    </span>
  );
}
