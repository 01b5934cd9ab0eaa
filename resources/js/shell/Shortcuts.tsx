import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import { useJob } from '../job/JobContext';
import { later } from '../parts/later';
import { useStations } from '../stations/stations';

const Find = later('find', () => import('./Find'));

/** A digit opens a station, as far as there are digits. */
const DIGITS = Array.from({ length: 9 }, (_, i) => String(i + 1));

/** The keys that work on every station, and the list of all of them. */
export function Shortcuts() {
    const { t } = useTranslation();
    const job = useJob();
    const go = useNavigate();
    const [open, setOpen] = useState<'keys' | 'find' | null>(null);
    const stations = useStations();
    // What every station listens to, with what each adds for itself in between.
    const listed = ['stations', ...stations.flatMap(({ keys }) => keys ?? []), 'find', 'undo', 'redo', 'all'];
    useHotkeys(
        DIGITS,
        (event) => {
            const station = stations[Number(event.key) - 1];
            if (station) void go(`/jobs/${job.id}/${station.key}`);
        },
        [stations],
    );
    useHotkeys('mod+z', () => job.session.undo(), { preventDefault: true });
    useHotkeys('mod+shift+z', () => job.session.redo(), { preventDefault: true });
    useHotkeys('?', () => setOpen('keys'), { useKey: true, ignoreModifiers: true });
    useHotkeys('/', () => setOpen('find'), { useKey: true, ignoreModifiers: true, preventDefault: true });
    return (
        <>
            <Dialog open={open === 'keys'} onClose={() => setOpen(null)} aria-labelledby="keys-title">
                <DialogTitle id="keys-title">{t('keys.title')}</DialogTitle>
                <DialogContent>
                    <table className="plain">
                        <tbody>
                            {listed.map((key) => (
                                <tr key={key}>
                                    <th scope="row" className="nowrap">
                                        <kbd>{t(`keys.${key}.keys`)}</kbd>
                                    </th>
                                    <td>{t(`keys.${key}`)}</td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </DialogContent>
                <DialogActions>
                    <Button onClick={() => setOpen(null)}>{t('close')}</Button>
                </DialogActions>
            </Dialog>
            {open === 'find' && <Find onClose={() => setOpen(null)} />}
        </>
    );
}
