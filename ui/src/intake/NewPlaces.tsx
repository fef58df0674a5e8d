import Box from '@mui/material/Box';
import { useForm } from '../api/queries';
import { TextInput } from '../kit/fields';
import type { Air } from './useStock';

/** Places that come in with the packets, and what is known of their air: how long seed lasts hangs on it. */
export function NewPlaces({
  names,
  airs,
  errors,
  onChange,
}: {
  names: string[];
  airs: Record<string, Air>;
  errors: Record<string, string>;
  onChange: (airs: Record<string, Air>) => void;
}) {
  const fields = useForm('place').data ?? [];
  const unit = (key: string) => fields.find((field) => field.key === key)?.unit;
  if (names.length === 0) return null;
  return (
    <Box component="section" aria-label="New places" sx={{ mt: 2 }}>
      <Box component="h2" sx={{ typography: 'h2', m: 0 }}>
        New places
      </Box>
      <p style={{ maxWidth: '46em', margin: '4px 0 8px' }}>
        How long seed lasts hangs on the air it is kept in. What nobody has measured stays empty: it is then
        reckoned as an ordinary room, and says so.
      </p>
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', md: 'repeat(3, 1fr)' } }}>
        {names.map((name) => {
          const air = airs[name] ?? { temperature: '', rh: '' };
          const at = `places.${name.toLowerCase()}`;
          const set = (change: Partial<Air>) => onChange({ ...airs, [name]: { ...air, ...change } });
          return (
            <Box key={name} role="group" aria-label={name} sx={{ minWidth: 0 }}>
              <b>{name}</b>
              <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: '1fr 1fr' }}>
                <TextInput
                  label="Temperature"
                  unit={unit('temperature')}
                  inputMode="decimal"
                  value={air.temperature}
                  error={errors[`${at}.temperature`]}
                  onChange={(temperature) => set({ temperature })}
                />
                <TextInput
                  label="Humidity"
                  unit={unit('rh')}
                  inputMode="decimal"
                  value={air.rh}
                  error={errors[`${at}.rh`]}
                  onChange={(rh) => set({ rh })}
                />
              </Box>
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}
