import type { OutletChoices } from "@/features/outlet/OutletPanel";
import { SurveyView } from "@/features/survey/SurveyView";
import { lazily } from "@/lib/lazily";
import type { Workspace } from "./useWorkspace";

// What is not seen at first is not loaded at first.
const RunsView = lazily(async () => (await import("@/features/runs/RunsView")).RunsView);
const CallView = lazily(async () => (await import("@/features/trips/CallView")).CallView);
const TripsView = lazily(async () => (await import("@/features/trips/TripsView")).TripsView);
const DecideView = lazily(async () => (await import("@/features/decide/DecideView")).DecideView);
const ProveView = lazily(async () => (await import("@/features/prove/ProveView")).ProveView);
const KeepView = lazily(async () => (await import("@/features/keep/KeepView")).KeepView);
const FoundList = lazily(async () => (await import("@/features/findings/FoundList")).FoundList);

/** What belongs to the job that is on: the rooms or what was found, the runs, the call. Some are fetched when they are first wanted. */
export function Drawing({ work, choices }: { work: Workspace; choices: OutletChoices }) {
  const { house, job, selected, select, protection, trips, runs } = work;
  const { sheet } = house;
  if (job === "call")
    return (
      <CallView house={sheet} trips={trips} onTrips={() => work.goTo("trips")} onSurvey={() => work.goTo("survey")} />
    );
  if (job === "trips")
    return (
      <TripsView
        trips={trips}
        onCall={() => work.goTo("call")}
        onSelect={select}
        onBox={work.openBox}
        onLook={work.lookAt}
        onTrace={() => work.goTo("trace")}
      />
    );
  if (job === "survey" && work.found)
    return (
      <FoundList
        house={house}
        onSelect={select}
        onTrace={() => work.goTo("trace")}
        onSurvey={() => work.goTo("survey")}
      />
    );
  if (job === "decide")
    return (
      <DecideView
        house={house}
        decide={work.decide}
        choices={choices}
        protection={protection}
        selected={selected}
        onSelect={select}
        onSurvey={() => work.goTo("survey")}
        forCall={trips.sheet?.state?.parts ?? []}
      />
    );
  if (job === "prove")
    return (
      <ProveView
        house={house}
        round={work.round}
        onSelect={select}
        onBox={work.openBox}
        onSurvey={() => work.goTo("survey")}
      />
    );
  if (job === "keep") return <KeepView house={house} onSelect={select} />;
  if (job === "survey") return <SurveyView work={work} choices={choices} />;
  return (
    <RunsView
      house={sheet}
      runs={runs}
      protection={protection}
      selected={selected}
      onSelect={select}
      onTurn={house.turn}
      asking={work.asking}
      onAsking={work.ask}
      onBox={work.openBox}
      onSurvey={() => work.goTo("survey")}
      looking={work.looking}
    />
  );
}
