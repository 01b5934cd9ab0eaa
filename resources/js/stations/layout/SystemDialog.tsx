import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import type { ChosenSystem } from '../../contracts/layout';
import type { JobDocument, Profile } from '../../contracts/job';
import { useCatalogue, useCrewProfiles } from '../../api/queries';
import { useJob } from '../../job/JobContext';
import { forgetBuilds } from './edits';
import { setSystem, takeOwnProfile } from '../../job/edits';
import { Len } from '../../tape/Len';
import { ProfileSection } from '../../deck/ProfileSection';
import { usePitch } from '../../tape/measures';

type ChosenColour = NonNullable<JobDocument['system']>['colour'];

/** What the roof is covered with: profile, metal, gauge, ridge. */
export function SystemDialog({ system, onClose }: { system: ChosenSystem; onClose: () => void }) {
    const { t } = useTranslation();
    const { document: doc, edit, mayChange } = useJob();
    const catalogue = useCatalogue().data;
    const own = useCrewProfiles().data ?? [];
    const inJob = doc.catalogue?.profiles ?? [];
    const inJobNow = [...inJob, ...(catalogue?.profiles ?? [])].find((one) => one.key === system.profile);
    const heldAlike = (family: string) =>
        !catalogue || !inJobNow || catalogue.fixings[family] === catalogue.fixings[inJobNow.family];
    const kept = (d: JobDocument, family: string) => (heldAlike(family) ? d : forgetBuilds(d));
    const takeOwn = (one: Profile) => () => edit((d) => takeOwnProfile(kept(d, one.family), one));
    const rows: Row[] = [
        ...own.map(({ definition, section }) => ({ ...definition, section, take: takeOwn(definition) })),
        ...inJob
            .filter((one) => !own.some((mine) => mine.definition.key === one.key))
            .map((one) => ({ ...one, section: [], take: takeOwn(one) })),
        ...(catalogue?.profiles ?? []).map((profile) => ({
            ...profile,
            take: () => edit((d) => setSystem(kept(d, profile.family), { profile: profile.key })),
        })),
    ];
    const isConcealed = (row: Row) => catalogue?.concealed.includes(row.family) ?? true;
    const groups = [
        { name: 'concealed', rows: rows.filter(isConcealed) },
        { name: 'exposed', rows: rows.filter((row) => !isConcealed(row)) },
    ];
    return (
        <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="system-title">
            <DialogTitle id="system-title">{t('system.title')}</DialogTitle>
            <DialogContent>
                <MetalFields system={system} />
                <p className="finding" data-severity="note">
                    {t(`contact.${system.material}`)}
                </p>
                {groups
                    .filter((group) => group.rows.length > 0)
                    .map((group) => (
                        <Profiles key={group.name} {...group} chosen={system.profile} mayChange={mayChange} />
                    ))}
            </DialogContent>
            <DialogActions>
                <Button variant="contained" onClick={onClose}>
                    {t('close')}
                </Button>
            </DialogActions>
        </Dialog>
    );
}

/** Of which metal, how thick, in which colour, and whether its ridges let air out. */
function MetalFields({ system }: { system: ChosenSystem }) {
    const { t } = useTranslation();
    const { edit, mayChange } = useJob();
    const catalogue = useCatalogue().data;
    const material = catalogue?.materials.find((material) => material.key === system.material);
    return (
        <div className="rowed" style={{ flexWrap: 'nowrap', padding: '8px 0 14px' }}>
            <TextField
                select
                label={t('system.material')}
                value={system.material}
                disabled={!mayChange}
                onChange={(event) =>
                    edit((d) => {
                        const next = { ...d.system, material: event.target.value };
                        delete next.gauge;
                        return { ...d, system: next };
                    })
                }
            >
                {(catalogue?.materials ?? []).map((material) => (
                    <MenuItem key={material.key} value={material.key}>
                        {t(`material.${material.key}`)}
                    </MenuItem>
                ))}
            </TextField>
            <TextField
                select
                label={t('system.gauge')}
                value={material ? system.gauge : ''}
                disabled={!mayChange}
                onChange={(event) => edit((d) => setSystem(d, { gauge: event.target.value }))}
            >
                {(material?.gauges ?? []).map((gauge) => (
                    <MenuItem key={gauge} value={gauge}>
                        {gauge}
                    </MenuItem>
                ))}
            </TextField>
            <TextField
                select
                label={t('system.colour')}
                value={system.colour ?? ''}
                disabled={!mayChange}
                onChange={(event) =>
                    edit((d) => {
                        const next = { ...d.system, colour: event.target.value as ChosenColour };
                        if (event.target.value === '') delete next.colour;
                        return { ...d, system: next };
                    })
                }
            >
                <MenuItem value="">{t('colour.none')}</MenuItem>
                {(catalogue?.colours ?? []).map((colour) => (
                    <MenuItem key={colour} value={colour}>
                        {t(`colour.${colour}`)}
                    </MenuItem>
                ))}
            </TextField>
            <TextField
                select
                label={t('system.ridge')}
                value={system.ridge}
                disabled={!mayChange}
                onChange={(event) => edit((d) => setSystem(d, { ridge: event.target.value as 'unvented' | 'vented' }))}
            >
                <MenuItem value="unvented">{t('system.unvented')}</MenuItem>
                <MenuItem value="vented">{t('system.vented')}</MenuItem>
            </TextField>
        </div>
    );
}

interface Row {
    key: string;
    family: string;
    cover: number;
    height: number;
    leastPitch: number;
    section: [number, number][];
    take: () => void;
}

interface ProfilesProps {
    name: string;
    rows: Row[];
    chosen: string;
    mayChange: boolean;
}

/** The profiles of one family, each cut across and drawn to the same scale. */
function Profiles({ name, rows, chosen, mayChange }: ProfilesProps) {
    const { t } = useTranslation();
    const pitch = usePitch();
    return (
        <section aria-label={t(`system.family.${name}`)}>
            <h2>{t(`system.family.${name}`)}</h2>
            <table className="plain">
                <thead>
                    <tr>
                        <th>{t('system.profile')}</th>
                        <th>{t('system.section')}</th>
                        <th className="n">{t('profiles.cover')}</th>
                        <th className="n">{t('profiles.height')}</th>
                        <th className="n">{t('profiles.leastPitch')}</th>
                    </tr>
                </thead>
                <tbody>
                    {rows.map((row) => (
                        <tr
                            key={row.key}
                            className="pick"
                            aria-selected={row.key === chosen}
                            onClick={mayChange ? row.take : undefined}
                        >
                            <th scope="row">
                                <button
                                    type="button"
                                    className="linkish"
                                    style={{ color: 'inherit' }}
                                    disabled={!mayChange}
                                    aria-pressed={row.key === chosen}
                                >
                                    {row.key}
                                </button>
                                <div className="small">{t(`family.${row.family}`)}</div>
                            </th>
                            <td>
                                <ProfileSection section={row.section} />
                            </td>
                            <td className="n">
                                <Len inches={row.cover} inchesOnly />
                            </td>
                            <td className="n">
                                <Len inches={row.height} inchesOnly />
                            </td>
                            <td className="n">{pitch(row.leastPitch)}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </section>
    );
}
