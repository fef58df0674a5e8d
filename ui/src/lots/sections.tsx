import type { Cleaning, Lot, PlaceName, Section as SectionData } from '../api/client';
import { Facts, Section } from '../kit/Section';
import { CleaningSection } from '../steps/cleaning/CleaningSection';
import { DryingSection } from '../steps/drying/DryingSection';
import { PacketsSection } from '../steps/packets/PacketsSection';
import { StoreSection } from '../steps/storing/StoreSection';
import { TestSection } from '../steps/testing/TestSection';

/** What is done on a page of its own, and where that is. */
export const pagesOf = (code: string): Record<string, string> => ({
  portioned: `/store/portion/${code}`,
  closed: `/read/close?of=${code}`,
});

/** Where a lot lies once that was recorded, so that one can follow it. */
export const movesTo: Record<string, PlaceName> = { spread: 'racks', stored: 'store', test_started: 'trays' };

/** A section of a worksheet, by the step that it is of. One that has nothing to draw needs no component of its own. */
export function SheetSection({ section, lot }: { section: SectionData; lot: Lot }) {
  switch (section.section) {
    case 'store':
      return <StoreSection store={section} code={lot.tag.code} lot={lot.id} />;
    case 'packets':
      return <PacketsSection packets={section} lot={lot} />;
    case 'test':
      return <TestSection test={section} lot={lot} />;
    case 'drying':
      return <DryingSection drying={section} />;
    case 'cleaning':
      return <CleaningSection cleaning={section} />;
    default:
      return <FactsSection section={section} />;
  }
}

function FactsSection({ section }: { section: Pick<Cleaning, 'title' | 'facts'> }) {
  return (
    <Section title={section.title}>
      <Facts facts={section.facts} />
    </Section>
  );
}
