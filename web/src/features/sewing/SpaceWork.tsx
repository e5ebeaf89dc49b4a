import { lazy, Suspense, useRef } from 'react';
import type { BookDocument } from '../../api/client';
import { Waiting } from '../../ui/ErrorNote';
import { useSize } from '../../ui/useSize';

const BookInSpace = lazy(() => import('../../drawing/space/BookInSpace'));

/** Room for the words and presses below the picture, px. */
const BELOW = 92;

interface Props {
  document: BookDocument;
  sewn: number;
  turned: boolean;
  signature: number;
}

/** The book in space at the sewing table, turned and opened as the hands have it. */
export function SpaceWork({ document, sewn, turned, signature }: Props) {
  const room = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(room);
  return (
    <div className="faces faces-space" ref={room}>
      {width > 0 && (
        <Suspense fallback={<Waiting what="Laying out the book in space" />}>
          <BookInSpace
            document={document}
            sewn={sewn}
            width={width}
            height={Math.max(160, height - BELOW)}
            hands={{ turned, signature }}
          />
        </Suspense>
      )}
    </div>
  );
}
