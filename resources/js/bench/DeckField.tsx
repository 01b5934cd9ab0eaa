import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import type { Deck } from '../contracts/roof';
import { useJob } from '../job/JobContext';
import { setDeck } from '../job/roofEdits';
import { TapeField } from '../tape/TapeField';

const KINDS: Deck['kind'][] = ['plywood', 'strandboard', 'boards', 'battens', 'purlins', 'shingles'];
const SPACED: Deck['kind'][] = ['battens', 'purlins', 'shingles'];

/** What the panels of a face lie on, and how far apart where that has a spacing. */
export function DeckField({ face }: { face: string }) {
    const { t } = useTranslation();
    const { document: doc, edit, mayChange, units } = useJob();
    const deck = doc.decks?.[face];
    return (
        <div className="pair">
            <TextField
                select
                label={t('deck.kind')}
                value={deck?.kind ?? ''}
                disabled={!mayChange}
                onChange={(event) => {
                    const kind = event.target.value as Deck['kind'] | '';
                    edit((d) => setDeck(d, face, kind === '' ? null : { kind }));
                }}
            >
                <MenuItem value="">{t('deck.unsaid')}</MenuItem>
                {KINDS.map((kind) => (
                    <MenuItem key={kind} value={kind}>
                        {t(`deck.${kind}`)}
                    </MenuItem>
                ))}
            </TextField>
            {deck && SPACED.includes(deck.kind) && (
                <TapeField
                    units={units}
                    disabled={!mayChange}
                    label={t('deck.spacing', { kind: deck.kind })}
                    value={deck.spacing ?? 0}
                    least={1}
                    most={120}
                    onChange={(spacing) => edit((d) => setDeck(d, face, { ...deck, spacing }))}
                />
            )}
        </div>
    );
}
