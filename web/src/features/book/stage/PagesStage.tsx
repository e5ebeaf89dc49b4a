import { useState } from 'react';
import { useSession } from '../../../state/useSession';
import { Segmented, SelectField } from '../../../ui/choices';
import { ErrorNote, Waiting } from '../../../ui/ErrorNote';
import { usePrinting } from '../../../ui/PrinterChoice';
import { CountField } from '../fields';
import { StageFrame } from '../StageFrame';
import type { BookDocument, PagePlan } from '../../../api/client';
import { ArtworkLook } from './pages/ArtworkLook';
import { GatherListLook } from './pages/GatherListLook';
import { PastedChoices } from './pages/PastedChoices';
import { OpeningsLook } from './pages/OpeningsLook';
import { SheetsLook } from './pages/SheetsLook';
import type { Reach } from './pages/moves';
import { SheetMoves } from './pages/SheetMoves';
import { PrintChoices } from './pages/text/PrintChoices';
import { TextLook } from './pages/text/TextLook';
import { useImposition, useText } from './pages/text/useText';
import { usePages } from './pages/usePages';
import './pages/pages.css';
import './pages/text/text.css';

type Look = 'sheets' | 'openings' | 'made' | 'text' | 'gather';
type Pages = BookDocument['pages'];

const withPages = (change: Partial<Pages>) => (document: BookDocument) => ({
  ...document,
  pages: { ...document.pages, ...change },
});

/** How pages are counted. */
const COUNTS = [
  { part: 'uncounted', label: 'Pages before counting begins', what: 'pages' },
  { part: 'roman', label: 'Then in roman figures', what: 'pages' },
  { part: 'first', label: 'Then from number', what: 'the number' },
] as const;

/** Which page lies where: on the sheets before they are folded, and as a reader turns them. */
export function PagesStage() {
  const { session, state } = useSession();
  const [look, setLook] = useState<Look>('sheets');
  const [chosen, setChosen] = useState<number | null>(null);
  const pages = usePages();
  const [reach, setReach] = useState<Reach>('all');
  const signatures = pages.data?.signatures ?? [];
  const offered = look === 'made' ? signatures.filter((one) => !one.endpapers) : signatures;
  const signature =
    offered.find((one) => one.number === chosen) ?? signatures.find((one) => !one.endpapers) ?? signatures[0];
  const { papers, bound } = state.plan;
  const texts = useText();
  const printing = usePrinting();
  const [fault, setFault] = useState<string | null>(null);
  const { imposition, keep } = useImposition(look === 'text' && texts.text.data?.text !== undefined);
  const movable = bound.folded && signature?.endpapers === false;
  // sheets that are all alike change nothing by changing places
  const mixed = papers.length > 1 || state.document.gathering.recipes.length > 0;
  return (
    <StageFrame
      stage="PAGES"
      tall
      choices={
        <>
          <Segmented
            label="Look at"
            value={look}
            options={[
              { value: 'sheets', label: 'the sheets' },
              { value: 'openings', label: 'the openings' },
              ...(bound.folded ? [{ value: 'made' as const, label: 'what is painted on them' }] : []),
              { value: 'text', label: 'a text printed on them' },
              { value: 'gather', label: 'the gathering list' },
            ]}
            choose={setLook}
          />
          {(look === 'sheets' || look === 'made') && offered.length > 1 && (
            <SelectField
              label="Signature"
              value={String(signature?.number ?? 1)}
              options={offered.map((one) => ({ value: String(one.number), label: named(one) }))}
              choose={(number) => setChosen(Number(number))}
            />
          )}
          {look === 'sheets' && movable && signatures.filter((one) => !one.endpapers).length > 1 && (
            <Segmented
              label="What is moved is moved"
              value={reach}
              options={[
                { value: 'all', label: 'in all signatures like it' },
                { value: 'one', label: 'in this one alone' },
              ]}
              choose={setReach}
            />
          )}
          {look === 'text' && texts.text.data?.text && imposition.data && (
            <PrintChoices imposition={imposition.data} keep={keep} say={setFault} printing={printing} />
          )}
          {look === 'openings' && pages.data && <PastedChoices plan={pages.data} />}
          {state.plan.blanks && (
            <Segmented
              label="Blank pages"
              value={state.document.pages.blanks}
              options={[
                { value: 'END', label: 'at the end' },
                { value: 'FRONT', label: 'in front' },
                { value: 'BOTH', label: 'at both ends' },
              ]}
              choose={(place) => session.change('blank pages', withPages({ blanks: place }))}
            />
          )}
          {look !== 'text' &&
            COUNTS.map(({ part, label, what }) => (
              <CountField
                key={part}
                label={label}
                field={`pages.${part}`}
                what={what}
                value={state.document.pages[part]}
                edit={(d, number) => withPages({ [part]: number })(d)}
              />
            ))}
        </>
      }
      drawing={(width) =>
        look === 'gather' ? (
          <GatherListLook />
        ) : look === 'text' ? (
          <TextLook
            texts={texts}
            imposition={imposition.data}
            fault={fault ?? (imposition.isError ? imposition.error.message : null)}
            printing={printing}
            width={width}
          />
        ) : pages.isError ? (
          <ErrorNote message={pages.error.message} again={() => void pages.refetch()} />
        ) : !pages.data || !signature ? (
          <Waiting what="Opening out the signatures" />
        ) : look === 'made' ? (
          <ArtworkLook plan={pages.data} signature={signature} />
        ) : look === 'openings' ? (
          <OpeningsLook readings={pages.data.readings} />
        ) : (
          <SheetsLook
            sheets={signature.sheets}
            heightMm={state.plan.leaf.heightMm}
            width={width}
            behind={
              movable
                ? (at) => (
                    <SheetMoves signatures={signatures} signature={signature} at={at} reach={reach} mixed={mixed} />
                  )
                : undefined
            }
          />
        )
      }
    />
  );
}

function named({ number, endpapers, turned, sheets }: PagePlan['signatures'][number]) {
  const inside = sheets.at(-1);
  const from = sheets[0]?.first.front.words;
  const to = (sheets[0]?.second ?? inside?.first)?.back.words;
  return `${number}: ${endpapers ? 'endpapers' : `${from} to ${to}`}${turned ? ', turned over' : ''}`;
}
