import { useTranslation } from 'react-i18next';
import { useCatalogue, useCrewProfiles } from '../api/queries';
import type { Profile } from '../contracts/job';
import { ProfileSection } from '../deck/ProfileSection';

export type Chosen = Profile | string | null;

const keyOf = (chosen: Chosen) => (chosen === null || typeof chosen === 'string' ? chosen : chosen.key);

/** What will cover the roof, each profile cut across; or left until later. The crew's own come first. */
export function FirstProfile({ chosen, onChoose }: { chosen: Chosen; onChoose: (profile: Chosen) => void }) {
    const { t } = useTranslation();
    const shipped = useCatalogue().data?.profiles ?? [];
    const own = useCrewProfiles().data ?? [];
    const rows = [
        ...own.map(({ definition, section }) => ({ ...definition, section, take: definition as Chosen })),
        ...shipped.map((profile) => ({ ...profile, take: profile.key as Chosen })),
    ];
    return (
        <fieldset className="first-profile">
            <legend>{t('jobs.profile')}</legend>
            <label className="row">
                <input type="radio" name="profile" checked={chosen === null} onChange={() => onChoose(null)} />
                <span>{t('jobs.profile-later')}</span>
            </label>
            {rows.map((row) => (
                <label key={row.key} className="row">
                    <input
                        type="radio"
                        name="profile"
                        checked={keyOf(chosen) === row.key}
                        onChange={() => onChoose(row.take)}
                    />
                    <span>
                        {row.key}
                        <span className="muted small"> {t(`family.${row.family}`)}</span>
                    </span>
                    <ProfileSection section={row.section} />
                </label>
            ))}
        </fieldset>
    );
}
