import Button from '@mui/material/Button';
import { useState } from 'react';
import { useKeepSetting } from '../api/queries';
import { useSay } from '../kit/Said';
import { Trouble } from '../kit/Section';

/** Latitude and longitude as the device has them, to a tenth of a degree: no season asks for more, and nobody need be told a doorstep. */
export function WhereThisIs({ disabled }: { disabled: boolean }) {
  const say = useSay();
  const latitude = useKeepSetting('latitude');
  const longitude = useKeepSetting('longitude');
  const [trouble, setTrouble] = useState('');
  const [asking, setAsking] = useState(false);
  if (!('geolocation' in navigator)) return null;
  const keep = async ({ coords }: GeolocationPosition) => {
    try {
      await longitude.mutateAsync(coords.longitude.toFixed(1));
      const now = await latitude.mutateAsync(coords.latitude.toFixed(1));
      say(`Latitude: ${now.now}`);
    } catch (error) {
      setTrouble(error instanceof Error ? error.message : 'That was not kept.');
    } finally {
      setAsking(false);
    }
  };
  const ask = () => {
    setTrouble('');
    setAsking(true);
    navigator.geolocation.getCurrentPosition(
      (at) => void keep(at),
      () => {
        setAsking(false);
        setTrouble('This device does not say where it is. Type the latitude, or leave it out.');
      },
      { timeout: 20_000, maximumAge: 3_600_000 },
    );
  };
  return (
    <>
      <Button variant="text" disabled={disabled || asking} onClick={ask}>
        {asking ? 'Asking the device …' : 'Where this device is'}
      </Button>
      {trouble !== '' && <Trouble>{trouble}</Trouble>}
    </>
  );
}
