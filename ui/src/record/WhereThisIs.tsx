import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { lazy, Suspense, useState } from 'react';
import { Coming } from '../kit/Coming';
import { Trouble } from '../kit/Section';
import { useKeepPlace } from './keepPlace';
import { TurnsTheYear } from './TurnsTheYear';

const WorldMap = lazy(() => import('./WorldMap'));

/** Latitude and longitude without typing: as the device has them, to a tenth of a degree, or pointed at on a map. No season asks for more, and nobody need be told a doorstep. */
export function WhereThisIs({ disabled }: { disabled: boolean }) {
  const place = useKeepPlace();
  const [asking, setAsking] = useState(false);
  const [map, setMap] = useState(false);
  const ask = () => {
    place.setTrouble('');
    setAsking(true);
    navigator.geolocation.getCurrentPosition(
      ({ coords }) => void place.keep(coords, 1).finally(() => setAsking(false)),
      () => {
        setAsking(false);
        place.setTrouble(
          'This device does not say where it is. Point at it on the map, type the latitude, or leave it out.',
        );
      },
      { timeout: 20_000, maximumAge: 3_600_000 },
    );
  };
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        {'geolocation' in navigator && (
          <Button variant="text" disabled={disabled || asking} onClick={ask}>
            {asking ? 'Asking the device …' : 'Where this device is'}
          </Button>
        )}
        <Button variant="text" disabled={disabled} aria-expanded={map} onClick={() => setMap(!map)}>
          {map ? 'Put the map away' : 'Point at it on a map'}
        </Button>
      </Box>
      {map && (
        <Suspense fallback={<Coming lines={1} height={200} />}>
          <WorldMap
            onKeep={(at) => {
              setMap(false);
              void place.keep(at, 0);
            }}
          />
        </Suspense>
      )}
      {place.asked !== undefined && (
        <TurnsTheYear question={place.asked.question} onYes={place.evenSo} onNo={place.leave} />
      )}
      {place.trouble !== '' && <Trouble>{place.trouble}</Trouble>}
    </>
  );
}
