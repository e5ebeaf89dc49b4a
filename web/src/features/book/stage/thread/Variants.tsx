import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { api, value } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { Measure } from '../../../../units/Measure';

/** The ways practitioners sew this structure, side by side, with what each does to thread, holes and look. */
export function Variants() {
  const { session, state } = useSession();
  const { document } = state;
  const variants = useQuery({
    queryKey: ['variants', document],
    queryFn: async () => ({
      made: document,
      list: await value(api.POST('/api/plan/way/variants', { body: document })),
    }),
    placeholderData: keepPreviousData,
  });
  if (!variants.data || variants.data.list.length < 2) {
    return null;
  }
  const { made, list } = variants.data;
  return (
    <section className="variants" aria-label="Ways of sewing it">
      <h2>Ways of sewing it</h2>
      <ul>
        {list.map((one) => (
          <li key={one.key} className={one.chosen ? 'variant-chosen' : ''}>
            <h3>{one.words}</h3>
            <p>{one.look}</p>
            {one.impossible === '' ? (
              <p className="variant-figures">
                Thread <Measure of={one.thread} />, {one.passes} passes, holes <Measure of={one.hole} />
              </p>
            ) : (
              <p className="field-line">As it is, it cannot be sewn so: {one.impossible}.</p>
            )}
            {one.chosen ? (
              <span className="advice-now">sewn so</span>
            ) : (
              <Button
                size="small"
                onClick={() => session.take(one.words, { made, document: one.document })}
                aria-label={`Sew it so: ${one.words}`}
              >
                Sew it so
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
