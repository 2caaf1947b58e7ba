/**
 * German of the cautions and remarks of the book, by their English. What a cuer has written stays
 * as it was written.
 */
export const REMARKS: Readonly<Record<string, string>> = {
  'Two turns in a row: give new dancers room and let anyone dizzy walk it.':
    'Zwei Drehungen hintereinander: Neuen Platz lassen, und wem schwindlig ist, der geht es.',
  'A turn under joined hands: keep them loose and in front, never behind the follow’s shoulder. A qualified teacher shows how.':
    'Eine Drehung unter gefassten Händen: locker und vorn halten, nie hinter der Schulter. Eine ausgebildete Lehrkraft zeigt, wie es geht.',
  'The follow turns once round in a bar: let anyone dizzy walk it.':
    'Folgend eine ganze Drehung in einem Takt: Wem schwindlig ist, der geht es.',
  'Turn the whole leg with the hips and not the knee; leave it out on a sticky floor.':
    'Das ganze Bein aus der Hüfte drehen und nicht das Knie; auf stumpfem Boden weglassen.',
  'Lower the knee, not the back; the follow keeps their own weight. Leave it out where knees or backs ask for it, and ask a qualified teacher.':
    'Das Knie senken, nicht den Rücken; jeder behält sein eigenes Gewicht. Weglassen, wo Knie oder Rücken es verlangen, und eine ausgebildete Lehrkraft fragen.',
  'Everyone turns alone: slow it down or vine instead on a crowded or slippery floor, or where anyone gets dizzy.':
    'Alle drehen allein: langsamer, oder stattdessen ein Vine, wo es voll oder glatt ist oder jemandem schwindlig wird.',
  'Quick turning: give new dancers room and let anyone dizzy walk it.':
    'Schnelles Drehen: Neuen Platz lassen, und wem schwindlig ist, der geht es.',
  'Joined hands go over a head: keep the grip loose and never pull.':
    'Gefasste Hände gehen über einen Kopf: locker halten und nie ziehen.',
  'It needs room ahead: look before you go.': 'Sie braucht Platz nach vorn: vorher schauen.',
  'Bent or quickly turned knees: keep it small, or walk it, when a knee complains.':
    'Gebeugte oder schnell gedrehte Knie: klein halten oder gehen, wenn ein Knie sich meldet.',
  'Stamps and hops ask for a floor that gives; not on concrete, and not with sore joints.':
    'Stampfen und Hüpfen brauchen einen federnden Boden; nicht auf Beton, und nicht mit wunden Gelenken.',
  'Square and unturned: say so where a turning box came just before.':
    'Gerade und ungedreht: sagen, wenn gerade eine gedrehte Box kam.',
  'A quarter turn in every bar; once round in four.':
    'Eine Vierteldrehung in jedem Takt; in vieren einmal herum.',
  'Two changes of weight in three beats.': 'Zwei Gewichtswechsel in drei Schlägen.',
  'Leaves the same foot free that was drawn.':
    'Danach ist derselbe Fuß frei, der herangezogen wurde.',
  'Partners turn slightly back to back, hands still joined.':
    'Die beiden drehen sich leicht Rücken an Rücken, die Hände bleiben gefasst.',
  'Lead crosses in front in sidecar, turns to banjo.':
    'Führend vorn gekreuzt in Sidecar, gedreht zu Banjo.',
  'Small steps; it comes back to where it was.':
    'Kleine Schritte; sie kommt dorthin zurück, wo sie war.',
  'Ball of the foot first, a little proud.': 'Zuerst der Ballen, ein wenig stolz.',
  'Towards each other for the first half, to face the other way, and on round away from each other.':
    'In der ersten Hälfte aufeinander zu, bis zur anderen Richtung, dann weiter herum voneinander weg.',
  'The opening of most round dances; trailing hands are let go.':
    'Der Anfang der meisten Round Dances; die hinteren Hände lösen sich.',
  'The way back is the mirror: vine together.': 'Der Rückweg ist das Spiegelbild: Vine zusammen.',
  'The lead goes behind, the follow in front.': 'Führend hinten, folgend vorn.',
  'The last step is outside the partner.': 'Der letzte Schritt geht neben dem Partner vorbei.',
  'The basic of the social foxtrot; it takes a bar and a half.':
    'Der Grundschritt des geselligen Foxtrotts; er dauert anderthalb Takte.',
  'Rise, and come down into semi-closed.': 'Heben, und in die Promenade senken.',
  'Feet are placed, not slid.': 'Die Füße werden gesetzt, nicht geschleift.',
  'Both cross in front of themselves, hands joined, and come back.':
    'Beide kreuzen vor sich, die Hände gefasst, und kommen zurück.',
  'Quick, quick, slow.': 'Schnell, schnell, langsam.',
  'Moves to reverse on the lead foot.': 'Mit dem führenden Fuß gegen die Tanzrichtung.',
  'Six counts: it meets the eight again after four times.':
    'Sechs Schläge: Nach vier Malen trifft er wieder auf die Acht.',
  'It ends with the same foot free that kicked.': 'Am Ende ist derselbe Fuß frei, der gekickt hat.',
  'On the spot, on the balls of the feet.': 'Am Platz, auf den Ballen.',
  'A strong step in place that announces what comes.':
    'Ein kräftiger Schritt am Platz, der ankündigt, was kommt.',
  'The follow goes back two steps and comes forward again; the lead marks time.':
    'Folgend zwei Schritte zurück und wieder vor; führend am Platz.',
  'The lead marks time; the follow crosses in front from side to side.':
    'Führend am Platz; folgend vorn von Seite zu Seite.',
  'The double toe sounds before the beat: dt-step, rock, step.':
    'Der Double Toe klingt vor dem Schlag: dt-step, rock, step.',
  'Feet first; the arms come when the feet need no thought.':
    'Zuerst die Füße; die Arme kommen, wenn man an die Füße nicht mehr denkt.',
  'Small, from the knees; the shoulders stay level.':
    'Klein, aus den Knien; die Schultern bleiben ruhig.',
  'Once round, forearms light.': 'Einmal herum, die Unterarme leicht.',
  'Pass by the right, back to place; nobody turns.':
    'Rechts aneinander vorbei, zurück an den Platz; niemand dreht sich.',
  'For two or four couples.': 'Für zwei oder vier Paare.',
  'First couple only; the lead turns out to the left, the follow to the right. The others stand.':
    'Nur das erste Paar; führend nach links hinaus, folgend nach rechts. Die anderen stehen.',
  'First couple only; the others stand still.': 'Nur das erste Paar; die anderen stehen still.',
  'The lead goes to the next partner; the follow marks time and looks back to meet them.':
    'Führend weiter zum nächsten Partner; folgend am Platz, mit dem Blick zurück.',
  'The follow goes under the joined hands, against line of dance, to the partner who comes there.':
    'Folgend unter den gefassten Händen durch, gegen die Tanzrichtung, zum Partner, der dort kommt.',
  'As deep as knees and backs like it.': 'So tief, wie Knie und Rücken es mögen.',
}
