import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, failure, outcome, value, type CourseDocument, type CourseView } from '../../api/client';

/** A class, and what is changed of it; a refusal is told at its field. */
export function useClass(id: string) {
  const client = useQueryClient();
  const [refusal, setRefusal] = useState<{ field: string; message: string } | null>(null);
  const key = ['class', id];
  const path = { params: { path: { id } } };
  const view = useQuery({ queryKey: key, queryFn: () => value(api.GET('/api/classes/{id}', path)) });
  const keep = async (body: CourseDocument): Promise<string | null> => {
    await client.cancelQueries({ queryKey: key });
    const result = await outcome(api.PUT('/api/classes/{id}', { ...path, body }));
    if (result.kind === 'value') {
      setRefusal(null);
      client.setQueryData(key, result.value);
      await client.invalidateQueries({ queryKey: ['classes'] });
      return null;
    }
    const message = failure(result);
    setRefusal({ field: result.kind === 'refused' ? (result.problem.field ?? '') : '', message });
    return message;
  };
  /** Takes what would make it fit: of the class, and of its book where that changes too. */
  const take = async (of: CourseView, change: CourseView['changes'][number]) => {
    if (change.book) {
      const kept = await outcome(
        api.PUT('/api/books/{id}', {
          params: { path: { id: of.document.bookId } },
          body: { version: of.bookVersion, change: 'for a class', document: change.book },
        }),
      );
      if (kept.kind !== 'value') {
        setRefusal({ field: '', message: failure(kept) });
        return;
      }
    }
    await keep(change.document);
  };
  const takeOut = async () => {
    const result = await outcome(api.POST('/api/classes/{id}/taken', path));
    setRefusal(result.kind === 'value' ? null : { field: '', message: failure(result) });
    if (result.kind === 'value') {
      client.setQueryData(key, result.value);
    }
  };
  const remove = async () => {
    const result = await outcome(api.DELETE('/api/classes/{id}', path));
    setRefusal(result.kind === 'value' ? null : { field: '', message: failure(result) });
    await client.invalidateQueries({ queryKey: ['classes'] });
    return result.kind === 'value';
  };
  return { view, keep, take, takeOut, remove, refusal };
}
