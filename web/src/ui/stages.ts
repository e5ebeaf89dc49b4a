import type { BookDocument, RemarkView, Stage } from '../api/client';

/** What is said of how grave a remark is. */
export const WEIGHTS: Record<RemarkView['weight'], string> = { NOTE: 'Note', CAUTION: 'Caution', STOP: 'Stop' };

export interface StageWords {
  key: Stage;
  path: string;
  name: string;
  /** Said on the button that marks the stage as done. */
  settle: string;
  settled: string;
}

/** Where all copies of a book are. */
export const COPIES = 'copies';

export const STAGES: readonly StageWords[] = [
  { key: 'PURPOSE', path: 'purpose', name: 'Purpose', settle: 'Settle this', settled: 'Settled' },
  { key: 'PAPER', path: 'paper', name: 'Paper', settle: 'Sheets are cut', settled: 'Sheets are cut' },
  { key: 'GATHER', path: 'gather', name: 'Gather', settle: 'Folded and nested', settled: 'Folded and nested' },
  {
    key: 'PAGES',
    path: 'pages',
    name: 'Pages',
    settle: 'Pages are in order',
    settled: 'Pages are in order',
  },
  { key: 'STATIONS', path: 'stations', name: 'Stations', settle: 'Settle the stations', settled: 'Stations settled' },
  { key: 'TEMPLATE', path: 'template', name: 'Template', settle: 'Holes are punched', settled: 'Holes are punched' },
  { key: 'THREAD', path: 'thread', name: 'Thread', settle: 'Thread is cut', settled: 'Thread is cut' },
  { key: 'SEW', path: 'sew', name: 'Sew', settle: 'It is sewn', settled: 'Sewn' },
  { key: 'COVER', path: 'cover', name: 'Cover', settle: 'The cover is on', settled: 'The cover is on' },
  { key: 'FINISH', path: 'finish', name: 'Finish', settle: 'It is finished', settled: 'Finished' },
];

/** The stages whose figures and remarks belong to the one at hand: a template is punched where stations were settled. */
export function of(stage: Stage): readonly Stage[] {
  switch (stage) {
    case 'TEMPLATE':
      return ['TEMPLATE', 'STATIONS'];
    case 'SEW':
      return ['SEW', 'THREAD'];
    case 'FINISH':
      return ['FINISH', 'COVER'];
    default:
      return [stage];
  }
}

export function stageAt(path: string | undefined): StageWords | undefined {
  return STAGES.find((stage) => stage.path === path);
}

/** The book with a stage done, or not done any more. */
export function withStage(stage: Stage, done: boolean): (document: BookDocument) => BookDocument {
  return (document) => ({
    ...document,
    done: STAGES.map((one) => one.key).filter((key) => (key === stage ? done : document.done.includes(key))),
  });
}

/** Sheets that are not folded are not nested either. */
export function stageWords(stage: StageWords, folded: boolean): StageWords {
  return stage.key === 'GATHER' && !folded
    ? { ...stage, settle: 'Tapped level and clamped', settled: 'Tapped level and clamped' }
    : stage;
}
