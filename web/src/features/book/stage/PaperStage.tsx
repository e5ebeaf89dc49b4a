import { Button } from 'antd';
import { useState } from 'react';
import { useSession } from '../../../state/useSession';
import { Segmented, SelectField } from '../../../ui/choices';
import { StageFrame } from '../StageFrame';
import { CutChoices } from './paper/CutChoices';
import { CutDrawing, CutList } from './paper/CutDrawing';
import { LeafChoices } from './paper/LeafChoices';
import { PaperChoices } from './paper/PaperChoices';
import './paper/paper.css';

/** From this width, in CSS pixels, the list of cuts stands beside the drawing. */
const BESIDE = 640;
const LIST = 300;

type Look = 'paper' | 'leaf' | 'cut';

/** What it is made from, how large a leaf is, and how stock sheets are parted; the stock sheet with its grain and cuts. */
export function PaperStage() {
  const { session, state } = useSession();
  const [look, setLook] = useState<Look>('paper');
  const [chosen, setChosen] = useState(0);
  const { papers } = state.plan;
  const number = Math.min(chosen, papers.length - 1);
  const mixes = state.plan.bound.folded;

  return (
    <StageFrame
      stage="PAPER"
      choices={
        <>
          <Segmented
            label="Settle"
            value={look}
            options={[
              { value: 'paper', label: 'paper' },
              { value: 'leaf', label: 'leaf' },
              { value: 'cut', label: 'cutting' },
            ]}
            choose={setLook}
          />
          {papers.length > 1 && look !== 'leaf' && (
            <SelectField
              label="Which paper"
              value={String(number)}
              options={papers.map((paper, i) => ({ value: String(i), label: paper.name }))}
              choose={(which) => setChosen(Number(which))}
            />
          )}
          {look === 'paper' && <PaperChoices key={number} number={number} />}
          {look === 'leaf' && <LeafChoices />}
          {look === 'cut' && <CutChoices key={number} number={number} />}
          {look === 'paper' && mixes && papers.length < 8 && (
            <Button
              size="small"
              onClick={() => {
                session.change('another paper', (d) => ({
                  ...d,
                  otherPapers: [...d.otherPapers, { ...d.paper, name: `Paper ${d.otherPapers.length + 2}` }],
                }));
                setChosen(papers.length);
              }}
            >
              Add another paper
            </Button>
          )}
        </>
      }
      drawing={(width, height) =>
        width > BESIDE && papers[number]?.cutting ? (
          <div className="with-list">
            <div className="beside">
              <CutDrawing number={number} width={width - LIST - 12} height={height} />
            </div>
            <CutList number={number} />
          </div>
        ) : (
          <CutDrawing number={number} width={width} height={height} />
        )
      }
      below={
        <div className="cut-below">
          <CutList number={number} />
        </div>
      }
    />
  );
}
