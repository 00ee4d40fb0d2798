import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api';
import type { DoorLink, People } from '../contracts.generated';
import { useCook } from '../cook';
import { Select } from '../parts/Select';
import { Entry } from '../parts/Entry';
import { Field, Pick } from '../parts/Field';
import { Loading } from '../parts/Loading';
import { Title } from '../parts/Title';
import { Held } from '../people/Held';
import { LinkToGive } from '../people/LinkToGive';
import { PasswordAsked } from '../people/PasswordAsked';
import { ROLES, roleWords, type Person } from '../people/words';
import { clock, day } from '../time';
import { queries } from '../queries';
import { t } from '../words/messages';

/** Who belongs to the kitchen, what each may do, and the way in for somebody new. For its chefs. */
export function PeopleScreen() {
  const people = useQuery(queries.people);
  if (!people.data) {
    return (
      <Loading failed={people.isError}>
        {people.isError
          ? t('screens.peopleScreen.only-a-chef-sees-who-belongs')
          : t('screens.peopleScreen.looking-up-who-is-here')}
      </Loading>
    );
  }
  return (
    <main className="grid flex-1 grid-cols-[minmax(0,1fr)_minmax(0,26rem)] gap-x-10 gap-y-6 px-5 py-3 max-lg:grid-cols-1 max-md:px-3">
      <div>
        <Title>{t('common.people')}</Title>
        <h1 className="text-3xl font-bold">{t('common.people')}</h1>
        <ul className="mt-2 border-t-2 border-ink">
          {people.data.people.map((person) => (
            <Row key={person.id} person={person} />
          ))}
        </ul>
        <Held held={people.data.held} />
        <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-4 text-base text-ink-soft">
          {ROLES.map(([role, name, may]) => (
            <div key={role} className="contents">
              <dt className="font-semibold">{name}</dt>
              <dd>{may}</dd>
            </div>
          ))}
        </dl>
      </div>
      <Invite open={people.data.invitations} />
    </main>
  );
}

function useKept() {
  const client = useQueryClient();
  return (next: People) => {
    client.setQueryData(queries.people.queryKey, next);
    void client.invalidateQueries(queries.session);
  };
}

function Row({ person }: { person: Person }) {
  const kept = useKept();
  const [asks, setAsks] = useState<Act | null>(null);
  const [link, setLink] = useState<DoorLink | null>(null);
  const done = (people: People) => {
    setAsks(null);
    kept(people);
  };
  const act = useMutation({
    mutationFn: async ({ asked, password }: { asked: Act; password: string }) => {
      switch (asked.what) {
        case 'role':
          done(await api.giveRole(person.id, asked.to, password));
          break;
        case 'remove':
          done(await api.takeAway(person.id, password));
          break;
        case 'link':
          setLink(await api.passwordLink(person.id, password));
          setAsks(null);
      }
    },
  });
  const ask = (asked: Act) => {
    act.reset();
    setLink(null);
    setAsks(asked);
  };
  return (
    <li aria-label={person.name} className="border-b border-rule py-2">
      <div className="flex flex-wrap items-center gap-3">
        <p className="min-w-0 flex-1 basis-48 text-lg leading-tight">
          <b className="block text-xl">
            {person.name}
            {person.you && (
              <span className="font-normal text-ink-soft"> {t('screens.peopleScreen.you')}</span>
            )}
          </b>
          <span className="break-words text-ink-soft">
            {person.email}
            {person.has_pin && t('screens.peopleScreen.has-a-pin')}
          </span>
        </p>
        <div className="w-36">
          <Select
            label={t('screens.peopleScreen.role-of-name', { name: person.name })}
            value={asks?.what === 'role' ? asks.to : person.role}
            onChange={(to) => ask({ what: 'role', to })}
            options={ROLES}
          />
        </div>
        <button
          onClick={() => ask({ what: 'link' })}
          className="min-h-12 rounded-lg border-2 border-ink px-4 text-lg"
        >
          {t('screens.peopleScreen.forgot-the-password')}
        </button>
        <button
          onClick={() => ask({ what: 'remove' })}
          className="min-h-12 rounded-lg border-2 border-tomato px-4 text-lg text-tomato"
        >
          {t('screens.peopleScreen.remove')}
        </button>
      </div>
      {asks && (
        <div className="mt-2 max-w-md rounded-lg border-2 border-ink p-3">
          <p className="text-lg">{about(asks, person)}</p>
          <PasswordAsked
            label={t('common.your-password')}
            act={
              asks.what === 'remove' ? t('screens.peopleScreen.remove') : t('screens.peopleScreen.go-ahead')
            }
            isPending={act.isPending}
            fault={act.error}
            onPassword={(password) => act.mutate({ asked: asks, password })}
            onBack={() => setAsks(null)}
          />
        </div>
      )}
      {link && (
        <div className="mt-2">
          <LinkToGive link={link} />
        </div>
      )}
    </li>
  );
}

/** What a chef does to somebody's account, each by password. */
type Act = { what: 'role'; to: string } | { what: 'link' } | { what: 'remove' };

function about(asked: Act, { name }: Person): string {
  switch (asked.what) {
    case 'role':
      return t('screens.peopleScreen.name-comes-to-be', { name, role: roleWords(asked.to) });
    case 'link':
      return t('screens.peopleScreen.a-link-with-which-name-chooses', { name });
    case 'remove':
      return t('screens.peopleScreen.nothing-opens-for-name-any-more', { name });
  }
}

function Invite({ open }: { open: People['invitations'] }) {
  const client = useQueryClient();
  const { timezone } = useCook();
  const kept = useKept();
  const [link, setLink] = useState<{ link: DoorLink; to?: string } | null>(null);
  const back = useMutation({ mutationFn: api.uninvite, onSuccess: kept });
  return (
    <section aria-label={t('screens.peopleScreen.somebody-new')}>
      <h2 className="border-b-2 border-ink pb-1 text-2xl font-bold">
        {t('screens.peopleScreen.somebody-new')}
      </h2>
      <div className="mt-3 grid gap-4">
        <Entry
          values={{ format: 'velko.invitation/1', role: 'cook', email: null as string | null, password: '' }}
          words={t('screens.peopleScreen.make-the-link')}
          save={async (entry) => ({ made: await api.invite(entry), to: entry.email })}
          onSaved={({ made, to }) => {
            setLink({ link: made, ...(to ? { to } : {}) });
            void client.invalidateQueries(queries.people);
          }}
        >
          <Pick
            name="role"
            label={t('screens.peopleScreen.comes-as')}
            options={ROLES.map(([value, name, may]) => [value, `${name}: ${may}`] as const)}
          />
          <Field
            name="email"
            label={t('screens.peopleScreen.e-mail-if-the-link-is')}
            kind="email"
            empty={null}
            hint={t('screens.peopleScreen.without-it-show-the-picture-or')}
          />
          <Field name="password" label={t('common.your-password')} kind="password" />
        </Entry>
        {link && <LinkToGive {...link} />}
        {open.length > 0 && (
          <ul aria-label={t('screens.peopleScreen.open-invitations')} className="border-t-2 border-rule">
            {open.map((one) => (
              <li
                key={one.id}
                className="flex items-center justify-between gap-3 border-b border-rule py-1 text-lg"
              >
                <span className="min-w-0 break-words">
                  {roleWords(one.role)}
                  {one.email && `, ${one.email}`}{' '}
                  <span className="text-ink-soft">
                    {t('screens.peopleScreen.until-expiresat-expiresat2', {
                      expiresAt: day(one.expires_at, timezone),
                      expiresAt2: clock(one.expires_at, timezone),
                    })}
                  </span>
                </span>
                <button
                  onClick={() => back.mutate(one.id)}
                  className="min-h-12 rounded-lg border-2 border-rule px-3"
                >
                  {t('screens.peopleScreen.take-back')}
                </button>
              </li>
            ))}
          </ul>
        )}
      </div>
    </section>
  );
}
