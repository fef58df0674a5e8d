import { useContext } from 'react';
import { useChoices } from '../api/queries';
import { ChoiceInput } from '../kit/fields';
import { OfCrop } from './ThingInput';

/** Which packet of the lot is opened; it asks nothing of a lot that has none. */
export function PacketInput({
  lot,
  value,
  onChange,
}: {
  lot: string;
  value: string;
  onChange: (packet: string, seeds: number | null) => void;
}) {
  const lots = useChoices('lots', useContext(OfCrop));
  const packets = lots.data?.find(({ id }) => id === lot)?.packets ?? [];
  if (packets.length === 0) return null;
  return (
    <ChoiceInput
      label="Out of"
      options={[
        { key: '', label: 'what is in no packet' },
        ...packets.map(({ id, said }) => ({ key: id, label: `packet ${said}` })),
      ]}
      value={value}
      onChange={(id) => onChange(id, packets.find((packet) => packet.id === id)?.seeds ?? null)}
    />
  );
}
