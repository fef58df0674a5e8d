import type { Cleaning } from '../../api/client';
import { useFrame } from '../../api/queries';
import { Facts, Section } from '../../kit/Section';
import { FermentBar } from './FermentBar';

export function CleaningSection({ cleaning }: { cleaning: Cleaning }) {
  const frame = useFrame();
  const { ferment } = cleaning;
  return (
    <Section title={cleaning.title}>
      {ferment !== null && (
        <>
          <p style={{ margin: '0 0 8px' }}>{ferment.sentence}</p>
          <FermentBar
            ferment={ferment}
            now={frame.data === undefined ? ferment.started : `${frame.data.on}${frame.data.now.slice(10)}`}
          />
        </>
      )}
      {cleaning.note !== null && <p style={{ maxWidth: '46em' }}>{cleaning.note}</p>}
      <Facts facts={cleaning.facts} />
    </Section>
  );
}
