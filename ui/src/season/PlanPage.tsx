import { useSpoken } from '../kit/spoken';
import { places } from '../shell/places';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link, Navigate, useNavigate, useParams } from 'react-router';
import { v7 } from 'uuid';
import { api, Refused, take, type Plan } from '../api/client';
import { afterwards, useFrame, useSettings } from '../api/queries';
import { Coming } from '../kit/Coming';
import { Waiting } from '../kit/Waiting';
import { Section, Trouble } from '../kit/Section';
import { SettingLine } from '../record/SettingLine';
import { BloomStrips } from './BloomStrips';
import { GardenEditor } from './GardenEditor';
import { PlanMap } from './PlanMap';
import { PlanTasks } from './PlanTasks';
import { PlantingEditor } from './PlantingEditor';
import { RemedyPanel } from './RemedyPanel';
import { RiskList } from './RiskList';
import { savePlan, undoPlan, usePlan, usePlans, usePlanWrite } from './usePlan';

/** The plan of a season: the garden to scale, what blooms when, what is at risk of crossing, and what can be done. */
export function PlanPage() {
  const year = Number(useParams()['year']);
  return Number.isNaN(year) ? <SomePlan /> : <PlanOf key={year} year={year} />;
}

/** An address without a year means the plan that is worked on: the newest there is. */
function SomePlan() {
  const years = usePlans();
  if (years.data === undefined)
    return (
      <Box sx={{ p: 2 }}>
        {years.error === null ? <Coming lines={8} height={48} /> : <Trouble>{years.error.message}</Trouble>}
      </Box>
    );
  const newest = years.data.length === 0 ? undefined : Math.max(...years.data);
  return newest === undefined ? (
    <NoPlan year={undefined} />
  ) : (
    <Navigate to={`/plot/plan/${newest}`} replace />
  );
}

function PlanOf({ year }: { year: number }) {
  const plan = usePlan(year);
  const missing = plan.error instanceof Refused && plan.error.status === 404;
  if (missing) return <NoPlan year={year} />;
  if (plan.error !== null)
    return (
      <Box sx={{ p: 2 }}>
        <Trouble>{plan.error.message}</Trouble>
      </Box>
    );
  if (plan.data === undefined || plan.data.year !== year)
    return (
      <Box sx={{ p: 2 }}>
        <Coming lines={8} height={48} />
      </Box>
    );
  return <OpenPlan key={year} plan={plan.data} />;
}

type View = 'risks' | 'remedies' | 'work' | 'garden';

function OpenPlan({ plan }: { plan: Plan }) {
  const [chosen, choose] = useState<string | null>(null);
  const [view, setView] = useState<View>('risks');
  const save = usePlanWrite(savePlan(plan));
  const undo = usePlanWrite(undoPlan(plan));
  const refused = save.error instanceof Refused ? save.error : undefined;
  const editing = chosen !== null;
  const move = (id: string, x: number, y: number) => {
    const planting = plan.content.plantings.find((p) => p.id === id);
    if (planting === undefined) return;
    save.mutate({
      content: {
        ...plan.content,
        plantings: plan.content.plantings.map((p) => (p.id === id ? { ...p, spot: { ...p.spot, x, y } } : p)),
      },
      said: `Moved ${plan.plantings.find((p) => p.id === id)?.variety ?? 'a planting'}`,
    });
  };
  const moveBed = (id: string, x: number, y: number) =>
    save.mutate({
      content: {
        ...plan.content,
        beds: plan.content.beds.map((bed) => (bed.id === id ? { ...bed, x, y } : bed)),
      },
      said: `Moved ${plan.content.beds.find((bed) => bed.id === id)?.name ?? 'a bed'}`,
    });
  return (
    <Box sx={{ px: { xs: 1.5, md: 3 }, py: 2 }}>
      <PlanHead plan={plan} undo={() => undo.mutate(undefined)} busy={save.isPending || undo.isPending} />
      <Waiting write={save} />
      <Waiting write={undo} />
      {undo.error !== null && <Trouble>{undo.error.message}</Trouble>}
      {refused !== undefined && !editing && view !== 'garden' && <Trouble>{refused.message}</Trouble>}
      <Box
        sx={{
          display: 'grid',
          columnGap: 3,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 3fr) minmax(360px, 2fr)' },
          alignItems: 'start',
        }}
      >
        <Box>
          <PlanMap
            plan={plan}
            chosen={chosen}
            moving={view === 'garden' && !editing ? 'beds' : 'plantings'}
            onChoose={choose}
            onMove={move}
            onMoveBed={moveBed}
          />
          <BloomStrips plan={plan} chosen={chosen} onChoose={choose} />
        </Box>
        <Box>
          {editing ? (
            <PlantingEditor
              key={`${chosen}:${plan.version}`}
              plan={plan}
              id={chosen}
              refused={refused}
              busy={save.isPending}
              onSave={(content, said, kept) =>
                void afterwards(save.mutateAsync({ content, said }), () => {
                  kept();
                  choose(null);
                })
              }
              onClose={() => {
                save.reset();
                choose(null);
              }}
            />
          ) : (
            <>
              <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 1 }}>
                <Button onClick={() => choose(v7())}>Add a planting</Button>
              </Box>
              <Tabs
                value={view}
                onChange={(_, to: View) => setView(to)}
                aria-label="What to look at"
                sx={{ mb: 1, '& .MuiTab-root': { minWidth: 0, px: 1.5 } }}
              >
                <Tab value="risks" label="Crossing" />
                <Tab value="remedies" label="What to do" />
                <Tab value="work" label="Work" />
                <Tab value="garden" label="Garden" />
              </Tabs>
              {view === 'risks' && <RiskList plan={plan} onChoose={choose} />}
              {view === 'remedies' && <RemedyPanel plan={plan} />}
              {view === 'work' && <PlanTasks plan={plan} />}
              {view === 'garden' && (
                <GardenEditor
                  // What was moved on the plan shows in the figures.
                  key={plan.version}
                  plan={plan}
                  refused={refused}
                  busy={save.isPending}
                  onSave={(content, said) => save.mutate({ content, said })}
                />
              )}
            </>
          )}
        </Box>
      </Box>
    </Box>
  );
}

/** On a phone the plot is one of the places at the foot, and nobody prints; the map comes first. */
const onDesk = { display: { xs: 'none', sm: 'inline-flex' }, '@media print': { display: 'none' } } as const;

function PlanHead({ plan, undo, busy }: { plan: Plan; undo: () => void; busy: boolean }) {
  const years = usePlans();
  const { season } = useSpoken();
  const next = plan.year + 1;
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1.5, mb: 2 }}>
      <Box sx={{ width: 10, height: 34, bgcolor: places.plot.enamel }} />
      <Typography variant="h1" sx={{ mr: 1 }}>
        Plan for {season(plan.year)}
      </Typography>
      {(years.data ?? [])
        .filter((year) => year !== plan.year)
        .map((year) => (
          <Button key={year} variant="text" component={Link} to={`/plot/plan/${year}`}>
            {season(year)}
          </Button>
        ))}
      {years.data !== undefined && !years.data.includes(next) && (
        <Button variant="text" component={Link} to={`/plot/plan/${next}`}>
          Plan {season(next)} …
        </Button>
      )}
      <Box sx={{ flex: 1 }} />
      {plan.last_change !== null && (
        <Button onClick={undo} disabled={busy} sx={{ '@media print': { display: 'none' } }}>
          Take back: {plan.last_change.charAt(0).toLowerCase() + plan.last_change.slice(1)}
        </Button>
      )}
      <Button component={Link} to="/plot" variant="text" sx={onDesk}>
        To the plot
      </Button>
      <Button onClick={() => window.print()} sx={onDesk}>
        Print
      </Button>
    </Box>
  );
}

/** An empty season says how its plan gets there. */
function NoPlan({ year }: { year: number | undefined }) {
  const years = usePlans();
  const navigate = useNavigate();
  const frame = useFrame();
  const { season, seasonOf } = useSpoken();
  const wanted = year ?? seasonOf(frame.data?.now ?? '') + 1;
  const start = usePlanWrite((from: number | null) =>
    take(api.POST('/plans', { body: { year: wanted, from } })),
  );
  const go = (from: number | null) =>
    void afterwards(start.mutateAsync(from), () => void navigate(`/plot/plan/${wanted}`, { replace: true }));
  const last = [...(years.data ?? [])].filter((y) => y < wanted).pop();
  return (
    <Box sx={{ p: { xs: 1.5, md: 3 }, maxWidth: '46em' }}>
      <Typography variant="h1">Plan for {season(wanted)}</Typography>
      <p>
        There is no plan for this season yet. A plan holds the garden to scale, what is to be sown where and
        when, and works out what blooms together, what would cross, and what is ripe before the frost.
      </p>
      {years.data?.length === 0 && <WhereItLies />}
      {start.error !== null && <Trouble>{start.error.message}</Trouble>}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 2 }}>
        {last !== undefined && (
          <Button variant="contained" onClick={() => go(last)}>
            Start from the garden of {season(last)}
          </Button>
        )}
        <Button variant={last === undefined ? 'contained' : 'outlined'} onClick={() => go(null)}>
          Start on bare ground
        </Button>
        <Button variant="text" component={Link} to="/plot">
          To the plot
        </Button>
      </Box>
    </Box>
  );
}

/** What the first plan rests on: nobody else can say it, and what is not said is taken as it stands there. */
const BY_FROST = ['latitude', 'frost', 'last_frost', 'first_frost'];

/** Where frost comes rarely or never, the seasons go by these. */
const BY_MONTHS = ['latitude', 'frost', 'warm_from', 'cool_from', 'coolest'];

function WhereItLies() {
  const settings = useSettings();
  const all = (settings.data ?? []).flatMap((section) => section.settings);
  const frost = all.find(({ field }) => field.key === 'frost');
  const asked = (frost?.typed ?? frost?.field.usual ?? 'yearly') === 'yearly' ? BY_FROST : BY_MONTHS;
  return (
    <Section title="First: where it lies, and when its seasons begin">
      {settings.data === undefined && settings.error === null && <Coming lines={3} height={64} />}
      {asked
        .flatMap((key) => all.filter(({ field }) => field.key === key))
        .map((setting) => (
          <SettingLine key={setting.field.key} setting={setting} />
        ))}
    </Section>
  );
}
