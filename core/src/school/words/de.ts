/** German of the calling styles that come with Dellop, by their id. */
export const STYLES: Readonly<Record<string, { readonly name: string; readonly about: string }>> = {
  round: {
    name: 'Round',
    about:
      'Jede Figur wird genannt, wie sie kommt, mit wie viel davon und wie sie endet, damit auch Paare sie tanzen, die den Tanz nie getanzt haben. Die Ansage endet einen Schlag vor dem Schritt: spät genug, um nicht sofort getanzt, und früh genug, um gehört zu werden. Beim vierten Mal ist sie so voll wie beim ersten, denn man folgt der Stimme und nicht dem Gedächtnis.',
  },
  line: {
    name: 'Line',
    about:
      'Reihen lernen den Tanz Wand für Wand. Der Name der nächsten Figur fällt auf die letzten Schläge der vorigen, und das Maß der Drehung kommt nach dem Namen, denn die Drehung lässt Leute zusammenstoßen. Ab der dritten Wand kennen ihn die meisten: Ein kurzer Name, später nur ein Stichwort, hält alle zusammen, ohne die Musik zuzureden.',
  },
  sequence: {
    name: 'Sequence',
    about:
      'Dieselben sechzehn Takte kommen immer wieder; der erste Durchgang wird voll angesagt und der nächste kurz. Danach reicht ein Wort an jedem Wechsel: Wer ihn zweimal getanzt hat, will die Musik hören. Hat der Tanz eine Weile geruht, wird er angesagt wie neu.',
  },
  set: {
    name: 'Set',
    about:
      'In einem Set tut jeder etwas anderes, also sagt eine Ansage wer, was, mit wem und wie weit. Sie fällt in die letzten vier Schläge der Phrase davor: Früher, und das Set geht sofort; später, und das ferne Paar hat sie nicht gehört. Mit jedem Durchgang wird sie weniger, bis am Ende die Musik den Tanz ansagt.',
  },
  ring: {
    name: 'Ring',
    about:
      'Ein Kreis bewegt sich als eines, Hand in Hand, und nimmt den Schritt von den Nachbarn so sehr wie von der Stimme. Worte bleiben nah am Schlag, kurz und rhythmisch; wo ein Teil wechselt, kommen sie vorher, damit niemand gezogen wird. Ein Kreis, der seinen Schritt gefunden hat, braucht nur den Namen des nächsten Teils.',
  },
  clog: {
    name: 'Clog',
    about:
      'Die Füße sind das Instrument, also gehen ihnen die Worte aus dem Weg: Ein Schritt wird einmal genannt, mit Seite und wie oft, einen Schlag vorher, und wiederholte Namen werden verbunden. Ein Break und ein neuer Teil werden angekündigt. Ist der Teil bekannt, wird nur sein Anfang genannt.',
  },
  square: {
    name: 'Square',
    about:
      'Acht Leute gehen, wohin die Stimme sie schickt: Wer sich bewegt, kommt zuerst, dann was, dann wie weit. Zwei Schläge vorher reichen, um ein gehendes Set zu wenden. Die Ansage ist beim letzten Mal so voll wie beim ersten, denn was als Nächstes kommt, weiß niemand auswendig.',
  },
  longways: {
    name: 'Longways',
    about:
      'Zwei Reihen, und in jedem Durchgang ein neues Paar gegenüber: Wer dran ist, mit wem und wie weit wird gesagt, bis es dreimal getanzt ist, dann nur noch, was um die Ecke zum nächsten Paar führt. Die Worte fallen ans Ende der Phrase, damit der Schritt auf ihren ersten Schlag fällt.',
  },
  mixer: {
    name: 'Mixer',
    about:
      'Man tanzt mit wem gerade kommt, also sind es wenige und bald bekannte Figuren. Was nie weniger werden darf, ist der Wechsel: Wer weitergeht, und zu wem, wird jedes Mal voll gesagt, und vorher. Alles andere wird kurz, wenn der Kreis seinen Weg findet.',
  },
  teaching: {
    name: 'Lehren',
    about:
      'Für das Durchgehen und die langsame Musik: Die Worte jedes Schritts fallen auf den Schritt, als Rhythmus, damit Füße und Ohren zusammen lernen. Wo ein Teil beginnt oder etwas anderes kommt, wird es vorher gesagt, denn das errät niemand. Worte, die zwischen zwei Schritte nicht passen, werden gezeigt.',
  },
  gentle: {
    name: 'Sanft',
    about:
      'Für Ohren, die müde werden, und Knie, die gewarnt sein wollen: wenige Worte, zwei Schläge und nie weniger als eine Sekunde vorher, mit einer Pause dazwischen. Figuren werden einzeln genannt und nicht verbunden, Seite und Maß bleiben nie weg, und nach dem zweiten Durchgang tun es kurze Worte.',
  },
}
