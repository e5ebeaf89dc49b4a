import { Modal } from 'antd';

const KEYS: { where: string; keys: [string, string][] }[] = [
  {
    where: 'Everywhere',
    keys: [
      ['n', 'begin a new book'],
      ['/', 'find a book'],
      ['i', 'mm or inches'],
      ['d', 'drawers'],
      ['t', 'kept templates'],
      ['o', 'own patterns'],
      ['m', 'caliper at hand, or put away'],
      ['F8', 'read the caliper, also while typing'],
      ['?', 'these keys'],
    ],
  },
  {
    where: 'In a book',
    keys: [
      [', and .', 'stage before, stage after'],
      ['1 to 7', 'a stage'],
      ['w', 'working of the figure in focus, or of the thread'],
      ['p', 'template sheet'],
      ['Ctrl+Z', 'undo'],
      ['Ctrl+Shift+Z', 'do again'],
      ['← → ↑ ↓', 'move the station, row or hole in focus; with Shift ten times as far'],
      ['Delete', 'take out the station or hole in focus'],
    ],
  },
  {
    where: 'While sewing',
    keys: [
      ['Space, Enter, →, Page down', 'next move'],
      ['Backspace, ←, Page up', 'one move back'],
      ['f', 'turn the work over'],
      ['s', 'speak the moves, where the browser has a voice'],
      ['Esc', 'leave; the place is kept'],
    ],
  },
  {
    where: 'While rehearsing',
    keys: [
      ['1 to 9', 'through that hole'],
      ['k', 'a kettle stitch'],
      ['t', 'a knot'],
      ['h', 'show the move, or hide it'],
    ],
  },
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
      {KEYS.map(({ where, keys }) => (
        <section key={where} className="keys">
          <h3>{where}</h3>
          <dl>
            {keys.map(([key, does]) => (
              <div key={key}>
                <dt>{key}</dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
      <p className="field-help">But for F8, none of them acts while something is being typed.</p>
    </Modal>
  );
}
