import Button from '@mui/material/Button';
import { Link, useParams } from 'react-router';
import { PlaceHead } from '../../kit/PlaceHead';
import { ThingList } from '../../kit/ThingList';
import { TwoPanes } from '../../kit/TwoPanes';
import { useLook } from '../../look';
import { PlantingSheet } from './PlantingSheet';
import { NewPlanting } from './NewPlanting';

export function PlotPage() {
  const { code } = useParams();
  const { at, on } = useLook();
  return (
    <TwoPanes
      list={
        <>
          <PlaceHead
            name="plot"
            action={
              on === undefined && (
                <Button component={Link} to={at('/plot/new')}>
                  New planting
                </Button>
              )
            }
          />
          <ThingList
            place="plot"
            empty="Nothing is growing. A planting comes here when you record that a variety was sown: press New planting."
          />
        </>
      }
      sheet={
        code === undefined ? null : code === 'new' ? (
          <NewPlanting />
        ) : (
          <PlantingSheet key={code} code={code} />
        )
      }
      hint="Choose a tag to see the planting, or sow a new one."
    />
  );
}
