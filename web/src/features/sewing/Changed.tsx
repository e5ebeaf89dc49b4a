import { Button } from 'antd';

/** Asks what to do where the plan changed under a half-sewn book. */
export function Changed({ sewn, keep, anew }: { sewn: number; keep: () => void; anew: () => void }) {
  return (
    <div className="sewing-changed" role="alert">
      <p>The plan has changed since this place was kept. Are the {sewn} moves sewn still those of the list below?</p>
      <Button size="small" onClick={keep}>
        They are
      </Button>
      <Button size="small" onClick={anew}>
        Begin again
      </Button>
    </div>
  );
}
