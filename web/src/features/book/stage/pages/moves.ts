import type { BookDocument, PagePlan } from '../../../../api/client';

type Recipe = BookDocument['gathering']['recipes'][number];
type Edit = (recipe: Recipe) => Recipe;

/** Whether what is moved in one signature is moved in all that are gathered like it. */
export type Reach = 'one' | 'all';

const ends = (signatures: PagePlan['signatures']) => signatures.filter((one) => !one.endpapers);

/** A recipe for each signature of pages, as it is gathered now. */
function each(document: BookDocument, signatures: PagePlan['signatures']): Recipe[] {
  const { recipes } = document.gathering;
  return ends(signatures).map(
    (signature, i) => recipes[i % recipes.length] ?? signature.sheets.map(() => ({ paper: 0 })),
  );
}

/** The book with the sheets of a signature otherwise: of that one alone, or of all that are gathered like it. */
export function moved(signatures: PagePlan['signatures'], number: number, reach: Reach, edit: Edit) {
  return (document: BookDocument): BookDocument => {
    const { gathering } = document;
    const at = ends(signatures).findIndex((one) => one.number === number);
    const { recipes } = gathering;
    const all = each(document, signatures);
    const changed =
      reach === 'one'
        ? all.map((recipe, i) => (i === at ? edit(recipe) : recipe))
        : recipes.length > 0
          ? recipes.map((recipe, i) => (i === at % recipes.length ? edit(recipe) : recipe))
          : all.map(edit);
    // signatures that are told apart stay as many as they are
    const settled = reach === 'one' || recipes.length === 0 ? { signatures: all.length } : {};
    return { ...document, gathering: { ...gathering, ...settled, recipes: changed } };
  };
}

/** A sheet of a recipe, from 0, so many places further in; further out where that is less than none. */
export function further(at: number, places: number): Edit {
  return (recipe) => {
    const sheets = [...recipe];
    const taken = sheets.splice(at, 1);
    sheets.splice(at + places, 0, ...taken);
    return sheets;
  };
}

/** A loose leaf more inside a sheet of a recipe, from 0: hooked round the next fold by a stub so wide. */
export function hooked(at: number, stubMm: number): Edit {
  return (recipe) => {
    const sheets = [...recipe];
    sheets.splice(at + 1, 0, { paper: recipe[at]?.paper ?? 0, firstMm: stubMm });
    return sheets;
  };
}

/** A sheet of a recipe, from 0, taken out. */
export function takenOut(at: number): Edit {
  return (recipe) => recipe.filter((_, i) => i !== at);
}

/** Whether a half is told by a width of its own. */
function unlike(mm: number | null | undefined, leafMm: number): mm is number {
  return typeof mm === 'number' && Math.abs(mm - leafMm) > 0.001;
}

/** A half of a sheet of a recipe, from 0, so wide: wider than the book it folds out, narrower it ends short. */
export function soWide(at: number, half: 'firstMm' | 'secondMm', mm: number, leafMm: number): Edit {
  return (recipe) =>
    recipe.map((sheet, i) => {
      if (i !== at) {
        return sheet;
      }
      const widths = { firstMm: sheet.firstMm, secondMm: sheet.secondMm, [half]: mm };
      return {
        paper: sheet.paper,
        ...(unlike(widths.firstMm, leafMm) ? { firstMm: widths.firstMm } : {}),
        ...(unlike(widths.secondMm, leafMm) ? { secondMm: widths.secondMm } : {}),
      };
    });
}

/** Another paper for a sheet of a recipe, from 0. */
export function ofPaper(at: number, paper: number): Edit {
  return (recipe) => recipe.map((sheet, i) => (i === at ? { ...sheet, paper } : sheet));
}
