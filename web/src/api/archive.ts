import { api, outcome, type ArchiveReport, type Outcome } from './client';
import { asBody } from './files';

/** Sends an archive to be looked at, or to be laid in. */
export function sendArchive(file: File, query: { take: boolean; over: boolean }): Promise<Outcome<ArchiveReport>> {
  return outcome<ArchiveReport>(api.POST('/api/workshop', { params: { query }, ...asBody(file) } as never));
}

/** Whether an archive brings what is new here, and what is here otherwise. */
export function brings({ things }: ArchiveReport) {
  return { fresh: things.some((one) => one.fresh > 0), other: things.some((one) => one.other > 0) };
}
