import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import { useCatalogue } from '../api/queries';
import type { Deck } from '../contracts/roof';
import { useJob } from '../job/JobContext';
import { setDeck } from '../job/roofEdits';
import { TapeField } from '../tape/TapeField';

/** What the panels of a face lie on, and how far apart where that has a spacing. */
export function DeckField({ face }: { face: string }) {
    const { t } = useTranslation();
    const { document: doc, edit, mayChange, units } = useJob();
    const kinds = useCatalogue().data?.decks ?? [];
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
                {kinds.map(({ key }) => (
                    <MenuItem key={key} value={key}>
                        {t(`deck.${key}`)}
                    </MenuItem>
                ))}
            </TextField>
            {deck && kinds.some(({ key, spaced }) => spaced && key === deck.kind) && (
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
