import { usePage } from "@inertiajs/react";

/** What who is signed in may do: file facts, change houses, settle things of the crew. */
export interface May {
  work: boolean;
  change: boolean;
  settle: boolean;
}

export interface Me {
  id: string;
  name: string;
  crew: string | null;
  /** When the crew is to be deleted; null where nobody asked for that. */
  crewDeletesAt: string | null;
  feedMark: string | null;
  /** Which device the crew puts in where either is allowed. */
  deviceAmps: number | null;
  role: string;
  may: May;
}

const NOTHING: May = { work: false, change: false, settle: false };

export function useMe(): Me | null {
  return usePage<{ user: Me | null }>().props.user;
}

export function useMay(): May {
  return useMe()?.may ?? NOTHING;
}
