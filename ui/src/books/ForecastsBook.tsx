import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { CheckedForecast } from '../api/client';
import { useLook } from '../api/look';
import { useForecasts } from '../api/queries';
import { useInk } from '../charts/Chart';
import { Coming } from '../kit/Coming';
import { Trouble } from '../kit/Section';
import { percent } from '../kit/words';
import { useSpoken } from '../kit/spoken';
import { Tag } from '../shell/Tag';

/** Past forecasts against the tests that came after them. */
export function ForecastsBook() {
  const { day } = useSpoken();
  const forecasts = useForecasts();
  const { at } = useLook();
  if (forecasts.error !== null) return <Trouble>{forecasts.error.message}</Trouble>;
  return (
    <Box sx={{ maxWidth: 760 }}>
      <Box component="h1" sx={{ typography: 'h1', mt: 0, mb: 1 }}>
        How the forecasts did
      </Box>
      {forecasts.data === undefined ? (
        <Coming lines={6} height={88} />
      ) : (
        <>
          <Box component="p" sx={{ m: 0, fontWeight: 700 }}>
            {forecasts.data.sentence}
          </Box>
          {forecasts.data.store !== null && (
            <Box component="p" sx={{ mt: 0.5, mb: 0 }}>
              {forecasts.data.store}
            </Box>
          )}
          <Box component="ul" sx={{ listStyle: 'none', m: 0, mt: 2, p: 0 }}>
            {forecasts.data.checks.map((check) => (
              <Box
                component="li"
                key={`${check.tag.code} ${check.tested_on}`}
                sx={(t) => ({ borderTop: `1px solid ${t.vars?.palette.quiet}`, py: 1.5 })}
              >
                <Box
                  sx={{
                    display: 'grid',
                    gridTemplateColumns: { xs: '1fr', sm: '320px 1fr' },
                    gap: 2,
                    alignItems: 'center',
                  }}
                >
                  <Box component={Link} to={at(`/lots/${check.tag.code}`)} sx={{ textDecoration: 'none' }}>
                    <Tag tag={check.tag} />
                  </Box>
                  <Against check={check} />
                </Box>
                <Box sx={{ mt: 0.5 }}>
                  Test of {day(check.tested_on)}. {check.sentence}
                </Box>
              </Box>
            ))}
          </Box>
        </>
      )}
    </Box>
  );
}

/** What was forecast as a band with its middle, what was found as a dot, on a scale of shares. */
function Against({ check }: { check: CheckedForecast }) {
  const { ink, faint, quiet } = useInk();
  const x = (share: number) => `${share * 100}%`;
  return (
    <Box role="img" aria-label={check.sentence} sx={{ mx: 2 }}>
      <svg width="100%" height="54" style={{ overflow: 'visible', display: 'block' }}>
        <line x1="0" x2="100%" y1="18" y2="18" stroke={faint} strokeWidth="2" />
        {[0, 0.5, 1].map((mark) => (
          <g key={mark}>
            <line x1={x(mark)} x2={x(mark)} y1="10" y2="26" stroke={faint} strokeWidth="2" />
            <text x={x(mark)} y="46" fontSize="15" textAnchor="middle" fill={faint}>
              {percent(mark)}
            </text>
          </g>
        ))}
        <rect
          x={x(check.low)}
          width={x(check.high - check.low)}
          y="9"
          height="18"
          fill={quiet}
          stroke={ink}
          strokeWidth="2"
        />
        <line x1={x(check.share)} x2={x(check.share)} y1="9" y2="27" stroke={ink} strokeWidth="2" />
        <circle cx={x(check.found)} cy="18" r="7" fill={ink} />
      </svg>
    </Box>
  );
}
