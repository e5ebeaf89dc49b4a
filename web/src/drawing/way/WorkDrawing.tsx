import { BlockWork } from './BlockWork';
import { FoldWork } from './FoldWork';
import type { Looked } from './look';

/** The work with its thread: folds or a block. */
export function WorkDrawing(props: Looked & { width: number; height: number }) {
  return props.work.side ? <BlockWork {...props} /> : <FoldWork {...props} />;
}
