import de from 'element-plus/es/locale/lang/de'
import en from 'element-plus/es/locale/lang/en'

/** What controls say of themselves, and their German where the library's own is English still. */
const GERMAN = {
  datepicker: {
    dateTablePrompt: 'Mit Pfeiltasten und Eingabe den Tag wählen',
    monthTablePrompt: 'Mit Pfeiltasten und Eingabe den Monat wählen',
    quarterTablePrompt: 'Mit Pfeiltasten und Eingabe das Quartal wählen',
    yearTablePrompt: 'Mit Pfeiltasten und Eingabe das Jahr wählen',
    selectedDate: 'Gewählter Tag',
    nextYear: 'Nächstes Jahr',
  },
  dialog: { close: 'Diesen Dialog schließen' },
  drawer: { close: 'Diesen Dialog schließen' },
  dropdown: { toggleDropdown: 'Menü auf- oder zuklappen' },
  inputNumber: { decrease: 'Zahl verringern', increase: 'Zahl erhöhen' },
  messagebox: { close: 'Diesen Dialog schließen', title: 'Meldung' },
  slider: {
    defaultLabel: 'Regler zwischen {min} und {max}',
    defaultRangeEndLabel: 'Ende wählen',
    defaultRangeStartLabel: 'Anfang wählen',
  },
  table: {
    collapseRowLabel: 'Zeile zuklappen',
    expandRowLabel: 'Zeile aufklappen',
    filterLabel: 'Filtern nach {column}',
    selectAllLabel: 'Alle Zeilen wählen',
    selectRowLabel: 'Diese Zeile wählen',
    sortLabel: 'Sortieren nach {column}',
  },
  tag: { close: 'Entfernen' },
  tour: { close: 'Diesen Rundgang schließen' },
}
const el = { ...de.el } as unknown as Record<string, object>
for (const [name, texts] of Object.entries(GERMAN)) el[name] = { ...el[name], ...texts }

/** The texts of the controls in each language. */
export const CONTROLS = { en, de: { ...de, el: el as unknown as typeof de.el } }
