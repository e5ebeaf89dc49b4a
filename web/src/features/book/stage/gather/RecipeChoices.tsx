import { Button } from 'antd';
import { useState } from 'react';
import type { BookDocument } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { SelectField } from '../../../../ui/choices';
import { LengthField } from '../../fields';
import { withGathering } from './SplitLook';

type Recipe = BookDocument['gathering']['recipes'][number];
type Sheet = Recipe[number];
type Part = 'firstMm' | 'secondMm';

function withRecipes(edit: (recipes: Recipe[]) => Recipe[]): (document: BookDocument) => BookDocument {
  return (document) => withGathering({ recipes: edit(document.gathering.recipes) })(document);
}

function withSheet(recipe: number, sheet: number, part: Partial<Sheet>) {
  return withRecipes((recipes) =>
    recipes.map((one, r) => (r === recipe ? one.map((s, i) => (i === sheet ? { ...s, ...part } : s)) : one)),
  );
}

/** What lies in a signature, from the outermost sheet to the innermost; several recipes are taken in turn. */
export function RecipeChoices() {
  const { session, state } = useSession();
  const { recipes } = state.document.gathering;
  const [chosen, setChosen] = useState(0);
  const number = Math.min(chosen, recipes.length - 1);
  const recipe = recipes[number];
  if (!recipe) {
    const sheets = state.plan.block.nests[0]?.length ?? 4;
    return (
      <>
        <p className="field-help">
          Every sheet is alike. A recipe mixes papers, and takes narrow leaves and fold-outs.
        </p>
        <Button
          size="small"
          onClick={() =>
            session.change(
              'a recipe',
              withRecipes(() => [Array.from({ length: sheets }, () => ({ paper: 0 }))]),
            )
          }
        >
          Write a recipe
        </Button>
      </>
    );
  }
  return (
    <>
      {recipes.length > 1 && (
        <SelectField
          label="Recipe, taken in turn"
          value={String(number)}
          options={recipes.map((one, i) => ({
            value: String(i),
            label: `${i + 1} of ${recipes.length}: ${one.length} sheets`,
          }))}
          choose={(which) => setChosen(Number(which))}
        />
      )}
      <ol className="recipe" aria-label="Sheets from the outermost to the innermost">
        {recipe.map((sheet, i) => (
          <SheetLine key={i} recipe={number} at={i} sheet={sheet} last={recipe.length === 1} />
        ))}
      </ol>
      <p className="recipe-acts">
        <Button
          size="small"
          onClick={() =>
            session.change(
              'a sheet more',
              withRecipes((all) => all.map((one, r) => (r === number ? [...one, { paper: 0 }] : one))),
            )
          }
        >
          Another sheet inside
        </Button>
        <Button
          size="small"
          onClick={() => {
            session.change(
              'another recipe',
              withRecipes((all) => [...all, [...recipe]]),
            );
            setChosen(recipes.length);
          }}
        >
          Another recipe
        </Button>
        <Button
          size="small"
          onClick={() =>
            session.change(
              'recipe dropped',
              withRecipes((all) => all.filter((_, r) => r !== number)),
            )
          }
        >
          Drop this recipe
        </Button>
      </p>
    </>
  );
}

function SheetLine({ recipe, at, sheet, last }: { recipe: number; at: number; sheet: Sheet; last: boolean }) {
  const { session, state } = useSession();
  const { papers, measures } = state.plan;
  const name = `Sheet ${at + 1}`;
  const wide = (part: Part, label: string) => (
    <LengthField
      label={`${name}, ${label}`}
      field={at === 0 && part === 'firstMm' ? 'gathering.recipes' : `gathering.recipes.${at}.${part}`}
      shown={measures[`gathering.recipes.${recipe}.${at}.${part}`] ?? measures['leaf.widthMm']!}
      edit={(d, mm) => withSheet(recipe, at, { [part]: Math.abs(mm - d.leaf.widthMm) < 0.01 ? undefined : mm })(d)}
    />
  );
  return (
    <li>
      <SelectField
        label={`${name}${at === 0 ? ', outermost' : ''}`}
        value={String(sheet.paper)}
        options={papers.map((paper, i) => ({ value: String(i), label: paper.name }))}
        choose={(paper) => session.change('paper of a sheet', withSheet(recipe, at, { paper: Number(paper) }))}
      />
      <div className="field-pair">
        {wide('firstMm', 'first leaf')}
        {wide('secondMm', 'second leaf')}
      </div>
      {!last && (
        <Button
          type="link"
          size="small"
          onClick={() =>
            session.change(
              'a sheet taken out',
              withRecipes((all) => all.map((one, r) => (r === recipe ? one.filter((_, i) => i !== at) : one))),
            )
          }
        >
          Take {name.toLowerCase()} out
        </Button>
      )}
    </li>
  );
}
