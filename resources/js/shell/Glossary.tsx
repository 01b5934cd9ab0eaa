import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';

const TERMS = [
    'apron',
    'blank',
    'cleat',
    'cleat-nose',
    'control-line',
    'cover',
    'cricket',
    'dihedral',
    'fixed-point',
    'girth',
    'hem',
    'jaw',
    'joggle',
    'legs',
    'out-to-out',
    'pair',
    'points',
    'receiver',
    'reveal',
    'rip',
    'running-mark',
    'stick',
    'tab',
    'turn-up',
    'zee',
];

/** The words of the trade as they are used here, to be looked up without leaving the work. */
export default function Glossary({ onClose }: { onClose: () => void }) {
    const { t } = useTranslation();
    const [wanted, setWanted] = useState('');
    const sought = wanted.trim().toLowerCase();
    const found = TERMS.map((key) => ({ key, name: t(`term.${key}`), said: t(`term-said.${key}`) }))
        .filter(({ name, said }) => `${name} ${said}`.toLowerCase().includes(sought))
        .sort((a, b) => a.name.localeCompare(b.name));
    return (
        <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="glossary-title">
            <DialogTitle id="glossary-title">{t('glossary.title')}</DialogTitle>
            <DialogContent>
                <TextField
                    label={t('glossary.search')}
                    value={wanted}
                    autoFocus
                    fullWidth
                    onChange={(event) => setWanted(event.target.value)}
                    sx={{ mt: 1.5, mb: 1 }}
                    slotProps={{ htmlInput: { type: 'search', autoComplete: 'off' } }}
                />
                {found.length === 0 && <p className="muted">{t('glossary.none')}</p>}
                <dl className="glossary">
                    {found.map(({ key, name, said }) => (
                        <div key={key} data-term={key}>
                            <dt>
                                <b>{name}</b>
                            </dt>
                            <dd>{said}</dd>
                        </div>
                    ))}
                </dl>
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>{t('close')}</Button>
            </DialogActions>
        </Dialog>
    );
}
