import type { Catalogue } from '../en/index.ts'

/** German of the help, in the order of the work. It is written for somebody's first month. */
export const help: Catalogue['help'] = {
  title: 'Hilfe',
  lead: 'Wozu jede Seite da ist, in der Reihenfolge der Arbeit.',
  search: 'Hilfe durchsuchen',
  nothing: (text) => `Nichts in der Hilfe spricht von „${text}“.`,
  topics: [
    {
      id: 'first-day',
      title: 'Der erste Tag',
      text: [
        'Ein Tanz ist ein Blatt. Ein Blatt hat Teile, ein Teil hat Figuren, und der Ablauf sagt, welcher Teil wann kommt. Dellop rechnet den Rest aus: welcher Fuß frei ist, ob die Teile die Phrase füllen, und wann jede Ansage zu sagen ist, damit man sie vor ihrem Schritt hört.',
      ],
      steps: [
        'Öffnen Sie ein Blatt der Beispiele und drücken Sie Diesen Tanz ansagen. Die Leertaste startet, noch einmal hält an.',
        'Holen Sie unter Musik eine eigene Aufnahme herein. Dellop findet ihren Schlag; hören Sie sie mit dem Klick und berichtigen Sie, was falsch ist.',
        'Drücken Sie unter Blätter auf Neues Blatt. Geben Sie Name, Tanz und Musik an.',
        'Drücken Sie auf der Seite A, tippen Sie den Anfang einer Figur, dann Enter. Die Liste bleibt für die nächste offen.',
        'Sehen Sie unter Beheben nach. Jede Zeile sagt, was nicht aufgeht, und bietet an, was es behebt.',
      ],
    },
    {
      id: 'tunes',
      title: 'Musik',
      text: [
        'Ein Musikstück hat Schläge, Takte und Phrasen. Eine Aufnahme kann eine eigene Klangdatei sein, oder geschriebene Musik, die die Hauskapelle spielt.',
        'Wurde der Schlag doppelt so schnell oder halb so schnell gehört, berichtigen es Halb so viele und Doppelt so viele. Beginnt der Takt auf dem falschen Schlag, wählen Sie den Schlag, der eins ist.',
        'Eine Merkstelle ist ein Moment, den alle hören, etwa wenn Pfeifen einsetzen. Ein Teil kann dort beginnen.',
      ],
    },
    {
      id: 'figures',
      title: 'Figuren',
      text: [
        'Das Buch hat zu jeder Figur die Schritte beider Rollen, die Haltungen, in denen sie beginnen kann, und die Worte, mit denen man sie ansagt: voll, kurz und ein Stichwort.',
        'Jede Figur kann in einer anderen Haltung enden: Promenade, einander gegenüber, Butterfly, Dame vor. Ihr letzter Schritt dreht entsprechend. Eine Haltung, die in keiner Liste steht, kommt dort dazu, wo Haltungen gewählt werden.',
        'Eine eigene Figur schreibt man als Zeile von Schritten. Das Bild daneben zeigt schon beim Schreiben, was verstanden wurde.',
        'Warnungen gehören zu einer Figur. Die Regeln des Saals, örtliche Vorschriften und eine ausgebildete Lehrkraft gehen vor.',
      ],
    },
    {
      id: 'sheet',
      title: 'Die Seite eines Blatts',
      text: [
        'Eine Phrase ist eine Zeile. Oben steht, was gesagt wird, darunter, was getanzt wird. Eine Ansage steht links von ihrer Figur, und die Lücke dazwischen ist der Vorlauf: die Zeit, die die Tanzenden haben.',
        'Der Streifen oben ist der Ablauf. Ziehen Sie einen Teil an eine andere Stelle, oder verschieben Sie ihn mit Alt und einer Pfeiltaste.',
        'Wählen Sie eine Figur, und daneben stehen ihre Worte mit ihrer Dauer, wo ihre Ansage steht und warum, und ihre Schritte. Jedes A ändert alle Durchgänge von A; nur dieses Mal ändert einen.',
        'Text zeigt dasselbe Blatt als Text neben der Seite. Eines folgt dem anderen.',
      ],
      steps: [
        'A fügt nach der gewählten eine Figur ein, Enter ersetzt sie, Entf nimmt sie heraus.',
        'H tanzt die Hälfte davon, R einmal mehr, O auf dem anderen Fuß.',
        'W geht zu ihren Worten, S macht sie still, [ und ] verschieben ihre Ansage.',
        'V lässt die Phrase der gewählten Figur über der Musik hören, oder alles; noch einmal hält an.',
        'N geht zum nächsten, was zu beheben ist. Strg Z macht rückgängig. Das Fragezeichen zeigt alle Tasten.',
      ],
    },
    {
      id: 'floor',
      title: 'Tanzfläche: wer wo steht',
      text: [
        'Ein Set, ein Kreis, ein Mixer oder Reihen: Unter „Über dieses Blatt“ steht, wie sie stehen, etwa square.',
        'Figuren für Sets sagen, wer wohin geht. Für eigene Worte wählen Sie diese und schreiben es hin: 1-8 leads: cast in file; oder in fours: star right 4.',
        'Tanzfläche, im Menü des Blatts, zeigt alle von oben auf jedem Schlag, wer aussetzt, wen man trifft, und nach wie vielen Durchgängen alle zu Hause sind.',
        'Plätze, die nicht aufgehen, stehen unter Beheben: zwei auf einem Platz, ein Set, das nicht weiterrückt, Tanzende, die ineinander laufen.',
        'In einem Saal sagt, wie viele Sets passen. Um jedes muss man herumgehen können, und es gelten die Regeln des Hauses.',
      ],
    },
    {
      id: 'fixing',
      title: 'Beheben',
      text: [
        'Zuerst kommt, was den Tanz aufhält, dann, was nicht aufgeht, dann Anmerkungen, die bleiben dürfen. Jedes hat seine Rechnung.',
        'Was etwas behebt, ist auf der Seite zu sehen, ehe es gilt. Esc lässt die Seite, wie sie war.',
        'Sie entscheiden: Das soll so sein hält einen Befund aus der Liste, mit Ihrem Grund, bis Sie ihn wieder aufnehmen.',
      ],
    },
    {
      id: 'calling',
      title: 'Ansagen',
      text: [
        'Der Ansagebildschirm zeigt die nächste Ansage, und einen Balken, der bis zum Moment des Sprechens abläuft. Sobald er sagt, dass er bereit ist, geht er auch ohne Netz.',
        'Sind die Tanzenden heraus, drücken Sie X. Dellop bietet Stellen zum Wiedereinstieg an; eine Ziffer nimmt eine. Tanzten sie die andere Figur, drücken Sie O.',
        'Jede Taste lässt sich mit Z zurücknehmen. Ein Blätterpedal oder Klicker wirkt wie die Leertaste, und unter K lassen sich weitere anlernen.',
      ],
    },
    {
      id: 'free',
      title: 'Ansagen ohne Blatt',
      text: [
        'Dellop bietet an, was als Nächstes kommen kann: was sich tanzen lässt, so wie sie stehen, und womit die Phrase noch aufgeht. Eine Ziffer nimmt es.',
      ],
    },
    {
      id: 'styles',
      title: 'Ansagestile',
      text: [
        'Ein Stil sagt, wie gezählt wird, wie weit vorher angesagt wird, wie viel gesagt wird und welche Zurufe es gibt. Jedes Blatt hat einen; dieser Abend oder eine Gruppe kann einen anderen haben.',
      ],
    },
    {
      id: 'voice',
      title: 'Ihre Stimme',
      text: [
        'Jede Ansage wird danach geplant, wie lange Sie für ihre Worte brauchen. Messen Sie Ihre Stimme einmal mit zwölf kurzen Ansagen, und der Plan passt zu Ihnen. Nichts, was Sie sagen, verlässt diesen Rechner.',
      ],
    },
    {
      id: 'rehearsing',
      title: 'Üben',
      text: [
        'Laut üben, im Menü eines Blatts: Die Musik spielt, Sie sagen an, ins Mikrofon oder mit gehaltener Taste, und Dellop sagt, welche Ansagen rechtzeitig waren und was getanzt worden wäre.',
        'Mit Kopfhörern hört es Sie am besten. Bei Lautsprechern wird die Musik aus dem Gehörten herausgerechnet; messen Sie die Verzögerung einmal für jedes Gerät. Nichts verlässt dieses Gerät.',
        'Wiederholen geht mit einem Abschnitt rundum, schneller, wenn es gut geht. Fragen kommen aus dem Blatt. Was Sie geübt haben, kommt nach Tagen wieder.',
      ],
    },
    {
      id: 'evenings',
      title: 'Abende, Stunden, Logbuch',
      text: [
        'Ein Programm hat seine Zeiten auf die Minute und sagt, was einen Blick wert ist: zu lang, keine Ruhe, zu wenige Tanzende, letztes Mal getanzt. Es lässt sich aus dem Regal füllen, mit Gründen.',
        'Heute zeigt, was jetzt und als Nächstes kommt, wie spät es ist, und was sich kürzen lässt. Programm, Tänze und Musik behält es in diesem Browser und sagt, wann alles ohne den Server angesagt werden kann. Ansagen, die enden, schreiben sich von selbst ins Logbuch und zählen für die Gruppe.',
        'Stunden sind Wochen mit Themen: Was vorher dran sein muss, wird gesagt, und was nicht erreicht wurde, rückt weiter. Was dran war, zeigt, was gelehrt und getanzt wurde und wieder dran ist.',
      ],
    },
    {
      id: 'groups',
      title: 'Gruppen',
      text: [
        'Eine Gruppe sind die Leute, für die Sie ansagen: wie weit sie sind und was sie gelernt haben. Ist eine gewählt, zeigen Listen nur, was sie können, und ein Blatt sagt, was vorher zu lernen ist.',
      ],
    },
    {
      id: 'files',
      title: 'Dateien, Papier und andere Rechner',
      text: [
        'Unter Weitergeben im Menü geht ein Blatt hinaus: als Datei für ein anderes Dellop, als Text, oder mit seinen Ansagen und ihren Zeiten. Drucken macht A4, A5 oder Großdruck, kurz oder mit jedem Schritt.',
        'Alles liegt in einem Datenordner auf diesem Rechner. Jede Fassung eines Blatts bleibt erhalten, und Sie können zu jeder zurück. Sicherung, in den Einstellungen, packt alles in eine Datei.',
      ],
    },
  ],
}
