import { ComingSheet } from '../shell/ComingThings';
import { Navigate, useLocation, useParams } from 'react-router';
import { useLot } from '../api/queries';
import { Trouble } from '../kit/Section';
import { useLook } from '../api/look';

/** Leads to a lot where it lies now, for links that know its code only. */
export function LotPlace() {
  const { code = '' } = useParams();
  const lot = useLot(code);
  const { at } = useLook();
  const { hash } = useLocation();
  if (lot.error !== null) return <Trouble>{lot.error.message}</Trouble>;
  if (lot.data === undefined) return <ComingSheet />;
  // A lot whose picking was struck lies nowhere; its worksheet is still to be found on the bench.
  const place = lot.data.place === 'plot' ? 'bench' : lot.data.place;
  return <Navigate to={`${at(`/${place}/${lot.data.tag.code}`)}${hash}`} replace />;
}
