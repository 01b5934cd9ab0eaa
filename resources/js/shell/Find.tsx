import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import { usePlanSlice } from '../api/queries';
import { useJob } from '../job/JobContext';
import { blocksOf, planesOf } from '../job/roofEdits';
import { STATIONS } from '../stations/stations';

const MOST = 8;

/** Goes to a station, a plane or a piece by name. */
export default function Find({ onClose }: { onClose: () => void }) {
    const { t } = useTranslation();
    const job = useJob();
    const go = useNavigate();
    const [typed, setTyped] = useState('');
    const cuts = usePlanSlice(job.id, 'cuts', job.revision);
    const places = [
        ...STATIONS.map(({ key }) => ({ name: t(`station.${key}`), to: `/jobs/${job.id}/${key}` })),
        ...planesOf(job.document).map((plane) => ({
            name: plane.name,
            to: `/jobs/${job.id}/survey?plane=${plane.id}`,
        })),
        ...blocksOf(job.document).map((block) => ({ name: block.name, to: `/jobs/${job.id}/roof?block=${block.id}` })),
        ...(cuts.data?.panels ?? []).map((panel) => ({ name: panel.id, to: `/jobs/${job.id}/cuts?piece=${panel.id}` })),
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
