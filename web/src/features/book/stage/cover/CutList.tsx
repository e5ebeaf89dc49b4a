import { Button } from 'antd';
import type { CoverPieceView } from '../../../../api/client';
import { useSession } from '../../../../state/useSession';
import { Measure } from '../../../../units/Measure';
import { CutFrom } from './CutFrom';

/** What is cut for the cover; the grain of every piece runs along its height. */
export function CutList() {
  const { state } = useSession();
  const { pieces, jigs, care } = state.plan.covering;
  const at = `/api/books/${state.view.id}/cover`;
  if (pieces.length === 0) {
    return null;
  }
  return (
    <section className="cover-list" aria-label="What is cut for the cover">
      <h2>To cut</h2>
      <p className="acts">
        <Button
          size="small"
          href={`${at}/list.pdf?paper=${state.document.unit === 'MM' ? 'A4' : 'LETTER'}`}
          target="_blank"
        >
          Print the cut list
        </Button>
        <Button size="small" href={`${at}/list.csv`}>
          Save it as a table (CSV)
        </Button>
      </p>
      <CutFrom />
      <Pieces pieces={pieces} at={at} first="Piece" />
      {jigs.length > 0 && (
        <>
          <h2>Jigs of card</h2>
          <Pieces pieces={jigs} at={at} first="Jig" />
        </>
      )}
      <p className="cover-care">{care}</p>
    </section>
  );
}

interface PiecesProps {
  pieces: CoverPieceView[];
  /** Where their drawings are. */
  at: string;
  first: string;
}

function Pieces({ pieces, at, first }: PiecesProps) {
  return (
    <table>
      <thead>
        <tr>
          <th scope="col">{first}</th>
          <th scope="col" className="cut-stuff">
            From
          </th>
          <th scope="col">Number</th>
          <th scope="col">Across the grain</th>
          <th scope="col">Along the grain</th>
          <th scope="col">At true size</th>
        </tr>
      </thead>
      <tbody>
        {pieces.map((piece) => (
          <tr key={piece.key}>
            <th scope="row">
              {piece.name}
              <span className="cut-stuff-below">from {piece.stuff}</span>
            </th>
            <td className="cut-stuff">{piece.stuff}</td>
            <td className="number">{piece.count}</td>
            <td className="number">
              <Measure of={piece.width} />
            </td>
            <td className="number">
              <Measure of={piece.height} />
            </td>
            <td>
              {piece.shaped && (
                <>
                  <a href={`${at}/pieces/${piece.key}.svg`} aria-label={`${piece.name} as SVG`}>
                    SVG
                  </a>{' '}
                  <a href={`${at}/pieces/${piece.key}.dxf`} aria-label={`${piece.name} as DXF`}>
                    DXF
                  </a>
                </>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
