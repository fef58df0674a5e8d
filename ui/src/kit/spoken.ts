import { createContext, useContext } from 'react';
import { wordsIn, type Words } from './words';

const Spoken = createContext<Words>(wordsIn({ days: 'words', hours: 'h24', units: 'metric' }));

/** In what form days, hours and masses are said from here on, by the keeper's setting. */
export const SpokenIn = Spoken.Provider;

export const useSpoken = () => useContext(Spoken);
