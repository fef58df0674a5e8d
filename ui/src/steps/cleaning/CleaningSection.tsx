import type { Cleaning } from '../../api/client';
import { useFrame } from '../../api/queries';
import { Caution, Facts, Section } from '../../kit/Section';
import { LookAlikes } from './LookAlikes';
import { VesselBar } from './VesselBar';

export function CleaningSection({ cleaning }: { cleaning: Cleaning }) {
  const frame = useFrame();
  const { vessel } = cleaning;
  return (
    <Section title={cleaning.title}>
      {cleaning.alike !== null && (
        <Caution>
          {cleaning.alike}
          <LookAlikes looks={cleaning.looks} />
        </Caution>
      )}
      {vessel !== null && (
        <>
          <p style={{ margin: '0 0 8px' }}>{vessel.sentence}</p>
          <VesselBar
            vessel={vessel}
            now={frame.data === undefined ? vessel.started : `${frame.data.on}${frame.data.now.slice(10)}`}
          />
        </>
      )}
      {cleaning.note !== null && <p style={{ maxWidth: '46em' }}>{cleaning.note}</p>}
      <Facts facts={cleaning.facts} />
    </Section>
  );
}
