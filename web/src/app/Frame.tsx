import { Button } from 'antd';
import { useState } from 'react';
import { Link, Outlet, useNavigate } from 'react-router';
import { Caliper } from '../features/caliper/Caliper';
import { useKeys } from '../ui/keys';
import { UnitSwitch } from '../ui/UnitSwitch';
import { useUnit } from '../units/unit';
import { AllKeys } from './AllKeys';
import { FRAME_KEYS } from './keys';
import { useLamp } from './lamp';

/** The frame round every place but the sewing: the way back to the bench, the unit, the lamp, the keys. */
export function Frame() {
  const [keysShown, setKeysShown] = useState(false);
  const [caliper, setCaliper] = useState(false);
  // where there is little room, the ways to other places are shown when asked for
  const [places, setPlaces] = useState(false);
  const { unit, setUnit } = useUnit();
  const { evening, setEvening } = useLamp();
  const navigate = useNavigate();
  useKeys(FRAME_KEYS, {
    unit: () => setUnit(unit === 'MM' ? 'INCH' : 'MM'),
    all: () => setKeysShown(true),
    drawers: () => void navigate('/drawers/papers'),
    shopping: () => void navigate('/shopping'),
    days: () => void navigate('/days'),
    classes: () => void navigate('/classes'),
    notebook: () => void navigate('/notebook'),
    templates: () => void navigate('/templates'),
    patterns: () => void navigate('/patterns'),
    caliper: () => setCaliper(!caliper),
    begin: () => void navigate('/?begin=yes'),
    find: () => void navigate('/?find=yes'),
  });
  return (
    <>
      <a className="skip" href="#place">
        To the work
      </a>
      <header className="frame">
        <Link to="/" className="frame-name">
          <span className="frame-stitch" aria-hidden="true" />
          Itomichi
        </Link>
        <Button
          className="frame-more"
          size="small"
          aria-expanded={places}
          aria-controls="places"
          onClick={() => setPlaces(!places)}
        >
          Places
        </Button>
        <div
          id="places"
          className={places ? 'frame-switches frame-open' : 'frame-switches'}
          onClick={(event) => {
            // whoever went somewhere is done with it
            if (event.target instanceof Element && event.target.closest('a')) {
              setPlaces(false);
            }
          }}
        >
          <Link to="/drawers/papers" className="frame-place">
            Drawers
          </Link>
          <Link to="/shopping" className="frame-place">
            Shopping
          </Link>
          <Link to="/days" className="frame-place">
            Days
          </Link>
          <Link to="/classes" className="frame-place">
            Classes
          </Link>
          <Link to="/notebook" className="frame-place">
            Notebook
          </Link>
          <Link to="/templates" className="frame-place">
            Templates
          </Link>
          <Link to="/patterns" className="frame-place">
            Patterns
          </Link>
          <Button type="text" aria-pressed={caliper} onClick={() => setCaliper(!caliper)}>
            Caliper
          </Button>
          <UnitSwitch />
          <Button type="text" onClick={() => setEvening(!evening)}>
            {evening ? 'Daylight' : 'Lamplight'}
          </Button>
          <Button type="text" onClick={() => setKeysShown(true)}>
            Keys
          </Button>
        </div>
      </header>
      <Outlet />
      {caliper && <Caliper close={() => setCaliper(false)} />}
      {keysShown && <AllKeys close={() => setKeysShown(false)} />}
    </>
  );
}
