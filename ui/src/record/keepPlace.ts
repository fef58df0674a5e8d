import { useState } from 'react';
import { Refused } from '../api/client';
import { useKeepSetting } from '../api/queries';
import { useSay } from '../kit/Said';

/** Degrees; north and east positive. */
export type Place = { latitude: number; longitude: number };

const degrees = (of: number, digits: number) => `${Math.abs(of).toFixed(digits)}° `;

/** "34° S, 151° E" */
export const sayPlace = ({ latitude, longitude }: Place, digits = 0): string =>
  `${degrees(latitude, digits)}${latitude < 0 ? 'S' : 'N'}, ${degrees(longitude, digits)}${longitude < 0 ? 'W' : 'E'}`;

/** Keeps latitude and longitude together; where the year turns by it and something is planned, that is asked first. */
export function useKeepPlace() {
  const say = useSay();
  const latitude = useKeepSetting('latitude');
  const longitude = useKeepSetting('longitude');
  const [asked, setAsked] = useState<{ question: string; place: Place; digits: number }>();
  const [trouble, setTrouble] = useState('');
  const keep = async (place: Place, digits: number, evenSo = false) => {
    setTrouble('');
    setAsked(undefined);
    try {
      // What may be asked about comes first, so that a no leaves all as it was.
      const now = await latitude.mutateAsync({ value: place.latitude.toFixed(digits), evenSo });
      await longitude.mutateAsync({ value: place.longitude.toFixed(digits), evenSo });
      say(`Latitude: ${now.now}`);
    } catch (error) {
      const question = error instanceof Refused ? error.fields['even_so'] : undefined;
      if (question === undefined) setTrouble(error instanceof Error ? error.message : 'That was not kept.');
      else setAsked({ question, place, digits });
    }
  };
  return {
    keep,
    asked,
    trouble,
    setTrouble,
    evenSo: () => asked && void keep(asked.place, asked.digits, true),
    leave: () => setAsked(undefined),
  };
}
