import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate } from '../parts/router';
import { useQueries } from '@tanstack/react-query';
import { planSlice } from '../api/queries';
import { useJob } from '../job/JobContext';
import type { Slices } from '../contracts/slices';
import type { Station } from '../stations/Station';
import { useStations } from '../stations/stations';

const MOST = 8;

type Searched = Station & { searches: keyof Slices };

/** Goes to a station, a plane or a piece by name. */
export default function Find({ onClose }: { onClose: () => void }) {
    const { t } = useTranslation();
    const job = useJob();
    const go = useNavigate();
    const [typed, setTyped] = useState('');
    const stations = useStations();
    const searched = stations.filter((station): station is Searched => station.searches !== undefined);
    const slices = useQueries({ queries: searched.map(({ searches }) => planSlice(job.id, searches, job.revision)) });
    const places = [
        ...stations.map(({ key }) => ({ name: t(`station.${key}`), to: `/jobs/${job.id}/${key}` })),
        ...stations.flatMap((station) => {
            const slice = slices[searched.indexOf(station as Searched)]?.data;
            return (station.places?.(job.document, slice) ?? []).map(({ name, to }) => ({
                name,
                to: `/jobs/${job.id}/${to}`,
            }));
        }),
    ];
    const found = places.filter(({ name }) => name.toLowerCase().includes(typed.trim().toLowerCase())).slice(0, MOST);
    const goTo = (to: string) => {
        onClose();
        void go(to);
    };
    return (
        <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-label={t('find.title')}>
            <DialogContent>
                <form
                    onSubmit={(event) => {
                        event.preventDefault();
                        if (found[0]) goTo(found[0].to);
                    }}
                >
                    <TextField
                        autoFocus
                        label={t('find.title')}
                        value={typed}
                        onChange={(event) => setTyped(event.target.value)}
                        helperText={t('find.hint')}
                    />
                </form>
                <div className="stack" style={{ gap: 4, marginTop: 8 }}>
                    {found.map(({ name, to }) => (
                        <button key={to} type="button" className="linkish" onClick={() => goTo(to)}>
                            {name}
                        </button>
                    ))}
                    {found.length === 0 && <span className="muted">{t('find.nothing')}</span>}
                </div>
            </DialogContent>
        </Dialog>
    );
}
