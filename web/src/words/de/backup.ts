import type { backup as ENGLISH } from '../en/backup.ts'

/** Alles in einer Datei, und zurück. */
export const backup: typeof ENGLISH = {
  title: 'Sicherung',
  lead: 'Blätter, Musik mit ihrem Klang, Figuren, Abende, Logbuch und Durchgänge, in einer Datei, die ein anderes Dellop lesen kann.',
  take: 'Sichern',
  putBack: 'Eine Sicherung zurückholen',
  putBackLead:
    'Sie wird neben dem, was hier ist, ausgepackt und geprüft; sie kommt an ihren Platz, wenn Dellop neu gestartet wird. Was hier ist, bleibt in einem eigenen Ordner erhalten.',
  choose: 'Sicherung wählen',
  restoring: 'Sie wird ausgepackt und geprüft',
  restored: (files) =>
    `Sie ist vollständig: ${files} Dateien. Sie kommt an ihren Platz, wenn Dellop neu gestartet wird.`,
  copies: 'Von selbst gemachte Kopien',
  copiesLead:
    'An jedem Tag, an dem Dellop benutzt wird, und vor jeder neuen Fassung wird die Datenbank kopiert; die letzten zehn Kopien liegen im Ordner backups.',
  none: 'Noch gibt es keine Kopie: Die erste entsteht morgen.',
  when: 'Wann',
  size: 'Größe',
  file: 'Datei',
  megabytes: (n) => `${n.replace('.', ',')} MB`,
}
