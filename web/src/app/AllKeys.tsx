import { Modal } from 'antd';
import { SPACE_KEYS } from '../drawing/space/keys';
import { BOARD_KEYS, BOOK_KEYS } from '../features/book/keys';
import { CALIPER_KEYS } from '../features/caliper/keys';
import { FRONT_KEYS } from '../features/classes/keys';
import { REHEARSAL_KEYS, SEWING_KEYS } from '../features/sewing/keys';
import { written, type KeyTable } from '../ui/keys';
import { FRAME_KEYS } from './keys';

const PLACES: { where: string; table: KeyTable }[] = [
  { where: 'Everywhere', table: { ...FRAME_KEYS, ...CALIPER_KEYS } },
  { where: 'In a book', table: { ...BOOK_KEYS, ...BOARD_KEYS } },
  { where: 'While sewing', table: SEWING_KEYS },
  { where: 'While rehearsing', table: REHEARSAL_KEYS },
  { where: 'At the front of a class', table: FRONT_KEYS },
  { where: 'At the book in space', table: SPACE_KEYS },
];

export function AllKeys({ close }: { close: () => void }) {
  return (
    <Modal
      open
      title="Keys"
      onCancel={close}
      onOk={close}
      footer={null}
      width={640}
      closable={{ 'aria-label': 'Close' }}
    >
      {PLACES.map(({ where, table }) => (
        <section key={where} className="keys">
          <h3>{where}</h3>
          <dl>
            {Object.entries(table).map(([act, key]) => (
              <div key={act}>
                <dt>{written(key)}</dt>
                <dd>{key.does}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
      <p className="field-help">
        But for {written(CALIPER_KEYS.read)}, none of them acts while something is being typed.
      </p>
    </Modal>
  );
}
