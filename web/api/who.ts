import type {
  Device,
  AuditEvent,
  Invite,
  InviteDto,
  JoinDto,
  Member,
  NewInvite,
  PairingCode,
  PassphraseDto,
  Right,
  Role,
  SignedIn,
  SignInDto,
  SignUpDto,
  Who,
} from '@idle-kettle/contract';
import { may } from '@idle-kettle/contract/roles';
import { useMutation, useQuery, useQueryClient, type QueryKey } from '@tanstack/react-query';
import { inHousehold } from './household.ts';
import { request } from './request.ts';

/** Under what it is known who asks. */
export const WHO = ['who'];
const KEPT = 'kettle.who';

/** Who this browser was the last time a server said; null where it never did. */
function keptWho(): Who | undefined {
  try {
    const kept = JSON.parse(localStorage.getItem(KEPT) ?? 'null') as Who | null;
    return kept ?? undefined;
  } catch {
    return undefined;
  }
}

/** Takes up who this page is for. */
function takeUp(who: Who): Who {
  inHousehold(who);
  try {
    localStorage.setItem(KEPT, JSON.stringify(who));
  } catch {
    // Without it the next page asks a server first.
  }
  return who;
}

/**
 * Who asks: known from the last time at once, so that a page without a network opens too, and asked
 * anew.
 */
export const useWho = () =>
  useQuery({
    queryKey: WHO,
    queryFn: async () => takeUp(await request<Who>('/who')),
    initialData: () => {
      const kept = keptWho();
      return kept === undefined ? undefined : takeUp(kept);
    },
    initialDataUpdatedAt: 0,
    staleTime: 60_000,
  });

/** Whether whoever is here may do something: what they may not is not offered. */
export function useMay(): (right: Right) => boolean {
  const role = useWho().data?.role ?? null;
  return (right) => role !== null && may(role, right);
}

/** A change of who is here: nothing that the page knows of somebody else stays. */
export const anew = (who: Who): void => {
  takeUp(who);
  location.assign('/');
};

export const useSignIn = () =>
  useMutation<Who, Error, SignInDto>({
    mutationFn: (dto) => request('/sign-in', 'POST', dto),
    onSuccess: anew,
  });

export const useJoin = () =>
  useMutation<Who, Error, JoinDto>({
    mutationFn: (dto) => request('/join', 'POST', dto),
    onSuccess: anew,
  });

export const useInvitation = (code: string) =>
  useQuery({
    queryKey: ['invitation', code],
    queryFn: () => request<Pick<Invite, 'role' | 'who'>>(`/join/${encodeURIComponent(code)}`),
    retry: false,
  });

export function useSignOut() {
  return useMutation<void, Error, void>({
    mutationFn: () => request('/sign-out', 'POST'),
    onSuccess: () => {
      localStorage.removeItem(KEPT);
      location.assign('/');
    },
  });
}

/** A write after which some of what is known is asked for anew. */
export function useWrite<Given, Answer = void>(
  write: (given: Given) => Promise<Answer>,
  changes: readonly QueryKey[],
) {
  const queries = useQueryClient();
  return useMutation<Answer, Error, Given>({
    mutationFn: write,
    onSuccess: () =>
      Promise.all(changes.map((queryKey) => queries.invalidateQueries({ queryKey }))),
  });
}

const MEMBERS = ['members'];
const INVITES = ['invites'];
const SESSIONS = ['sessions'];
const DEVICES = ['devices'];
export const AUDIT = ['audit'];

export const useSignUp = () =>
  useWrite<SignUpDto, Who>((dto) => request('/sign-up', 'POST', dto), [WHO, MEMBERS, AUDIT]);

export const useMembers = (on = true) =>
  useQuery({ queryKey: MEMBERS, queryFn: () => request<Member[]>('/members'), enabled: on });

/** What the members of the household are called, by their ids. */
export function useMemberNames(on: boolean): ReadonlyMap<string, string> {
  const { data } = useMembers(on);
  return new Map(data?.map(({ id, name }) => [id, name]));
}

export const useSetRole = () =>
  useWrite<{ readonly id: string; readonly role: Role }>(
    ({ id, role }) => request(`/members/${id}/role`, 'PUT', { role }),
    [MEMBERS, AUDIT],
  );

export const useRemoveMember = () =>
  useWrite<Member>(({ id }) => request(`/members/${id}`, 'DELETE'), [MEMBERS, AUDIT]);

export const useSetPassphrase = () =>
  useWrite<PassphraseDto & { readonly id: string }>(
    ({ id, ...dto }) => request(`/members/${id}/passphrase`, 'PUT', dto),
    [SESSIONS, MEMBERS, AUDIT],
  );

export const useSessions = (memberId: string | null) =>
  useQuery({
    queryKey: [...SESSIONS, memberId],
    queryFn: () => request<SignedIn[]>(`/members/${memberId}/sessions`),
    enabled: memberId !== null,
  });

/** Signs a member out: of one browser, or everywhere. */
export const useEndSessions = () =>
  useWrite<{ readonly memberId: string; readonly session: string | null }>(
    ({ memberId, session }) =>
      request(`/members/${memberId}/sessions${session === null ? '' : `/${session}`}`, 'DELETE'),
    [SESSIONS, MEMBERS, WHO, AUDIT],
  );

export const useInvites = (on: boolean) =>
  useQuery({ queryKey: INVITES, queryFn: () => request<Invite[]>('/invites'), enabled: on });

export const useInvite = () =>
  useWrite<InviteDto, NewInvite>((dto) => request('/invites', 'POST', dto), [INVITES, AUDIT]);

export const useWithdraw = () =>
  useWrite<Invite>(({ id }) => request(`/invites/${id}`, 'DELETE'), [INVITES, AUDIT]);

/** How often a page that shows devices looks for what they sent, ms. */
const DEVICES_EVERY_MS = 5000;

export const useDevices = () =>
  useQuery({
    queryKey: DEVICES,
    queryFn: () => request<Device[]>('/devices'),
    refetchInterval: DEVICES_EVERY_MS,
  });

export const usePairingCode = () =>
  useWrite<string, PairingCode>(
    (cook) => request(`/cook-sessions/${cook}/pairing-code`, 'POST'),
    [],
  );

export const useSetDeviceCook = () =>
  useWrite<{ readonly cook: string; readonly device: string }, Device>(
    ({ cook, device }) => request(`/cook-sessions/${cook}/devices/${device}`, 'PUT'),
    [DEVICES],
  );

export const useRemoveDevice = () =>
  useWrite<Device>(({ id }) => request(`/devices/${id}`, 'DELETE'), [DEVICES, AUDIT]);

export const useAudit = (on: boolean) =>
  useQuery({ queryKey: AUDIT, queryFn: () => request<AuditEvent[]>('/audit'), enabled: on });
