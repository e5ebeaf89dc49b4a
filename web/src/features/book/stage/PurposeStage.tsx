import { Button } from 'antd';
import { useSession } from '../../../state/useSession';
import { FewChoice } from '../../../ui/Choice';
import { Ruler } from '../../../drawing/Ruler';
import { useUnit } from '../../../units/unit';
import { CountField, TextField } from '../fields';
import { StageFrame } from '../StageFrame';

/** What it is called and what it is for; the book as it will lie there when it is done. */
export function PurposeStage() {
  const { session, state } = useSession();
  const { document } = state;
  const { unit } = useUnit();
  return (
    <StageFrame
      stage="PURPOSE"
      choices={
        <>
          <TextField
            label="Name"
            field="name"
            value={document.name}
            maxLength={80}
            edit={(d, name) => ({ ...d, name })}
          />
          <TextField
            label="What it is for"
            field="purpose"
            value={document.purpose}
            maxLength={400}
            multiline
            edit={(d, purpose) => ({ ...d, purpose })}
          />
          <CountField
            label="Pages"
            field="pages"
            what="pages"
            value={document.pages}
            edit={(d, pages) => ({ ...d, pages })}
            help={`${state.plan.sheets} sheets, ${state.plan.pages} pages${state.plan.blanks ? `; ${state.plan.blanks} blank` : ''}`}
          />
          <FewChoice
            label="Measured and printed in"
            value={document.unit}
            options={[
              { value: 'MM', label: 'mm' },
              { value: 'INCH', label: 'inches' },
            ]}
            choose={(chosen) => session.change('unit', (d) => ({ ...d, unit: chosen }))}
          />
          <p>
            <Button size="small" href={`/api/books/${state.view.id}/file`}>
              Save as a file
            </Button>
          </p>
        </>
      }
      drawing={(width, height) => <Front width={width} height={height} unit={unit} />}
    />
  );
}

function Front({ width, height, unit }: { width: number; height: number; unit: 'MM' | 'INCH' }) {
  const { state } = useSession();
  const { shape, stations, steps } = state.plan;
  const w = shape.coverWanted ? shape.coverWidthMm / 2 : shape.leafWidthMm;
  const h = shape.coverWanted ? shape.coverHeightMm : shape.leafHeightMm;
  const square = (h - shape.leafHeightMm) / 2;
  const scale = Math.min((width - 130) / w, (height - 80) / h);
  const left = 60 + (width - 110 - w * scale) / 2;
  const top = 44;
  const outside = steps.flatMap((step) => step.stitches).filter((stitch) => stitch.face === 'OUTSIDE');
  const y = (number: number) => top + (square + (stations[number - 1]?.fromHeadMm ?? 0)) * scale;
  const size = Math.max(11, Math.min(24, (w * scale) / 11));
  return (
    <svg
      width={width}
      height={height}
      role="img"
      aria-label={`The finished pamphlet, closed, its fold on the left: ${state.document.name}`}
    >
      <rect x={left} y={top} width={w * scale} height={h * scale} className="cover-face" />
      <line x1={left + 5} x2={left + 5} y1={top} y2={top + h * scale} className="cover-crease" />
      {outside.map((stitch, i) => (
        <line
          key={i}
          x1={left + 1.5}
          x2={left + 1.5}
          y1={y(stitch.from)}
          y2={y(stitch.to)}
          className="stitch stitch-done on-outside"
        />
      ))}
      <foreignObject
        x={left + w * scale * 0.14}
        y={top + h * scale * 0.2}
        width={w * scale * 0.76}
        height={h * scale * 0.5}
      >
        <div className="cover-title" style={{ fontSize: size }}>
          {state.document.name}
        </div>
      </foreignObject>
      <Ruler lengthMm={w} scale={scale} unit={unit} x={left} y={top - 4} />
      <Ruler lengthMm={h} scale={scale} unit={unit} x={left - 6} y={top} down />
    </svg>
  );
}
