import { keys } from '../api/keys';
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { usePersistent } from '../api/queries';
import { api, take, type Plan, type PlanContent, type RemedyWish } from '../api/client';

export function usePlans() {
  return useQuery({ queryKey: keys.plans(), queryFn: () => take(api.GET('/plans')) });
}

export function usePlan(year: number) {
  return useQuery({
    queryKey: keys.plan(year),
    queryFn: () => take(api.GET('/plans/{year}', { params: { path: { year } } })),
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** A write of a plan answers with the plan as it stands then: nothing needs to be asked for again. */
export function usePlanWrite<In>(write: (input: In) => Promise<Plan>) {
  const client = useQueryClient();
  return usePersistent(write, (plan) => {
    client.setQueryData(keys.plan(plan.year), plan);
    void client.invalidateQueries({ queryKey: keys.plans() });
    void client.invalidateQueries({ queryKey: keys.today(undefined).slice(0, 1) });
    void client.invalidateQueries({ queryKey: keys.frame(undefined).slice(0, 1) });
  });
}

export const savePlan = (plan: Plan) => (change: { content: PlanContent; said: string }) =>
  take(
    api.PUT('/plans/{year}', {
      params: { path: { year: plan.year } },
      body: { version: plan.version, ...change },
    }),
  );

export const undoPlan = (plan: Plan) => () =>
  take(
    api.POST('/plans/{year}/undo', {
      params: { path: { year: plan.year } },
      body: { version: plan.version },
    }),
  );

export const applyRemedy = (plan: Plan) => (wish: RemedyWish & { way: string }) =>
  take(
    api.POST('/plans/{year}/remedies/apply', {
      params: { path: { year: plan.year } },
      body: { ...wish, version: plan.version },
    }),
  );
