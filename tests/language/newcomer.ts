/**
 * Fifty sentences of somebody who sees the program for the first time, written for a round of six minutes before a word of the vocabulary was looked
 * up, with what was meant; `~` where a note, or being asked, is right. What can be told in the coach's own words, and that a shot that is sprawled on is over, came later.
 */
export const newcomerSentences = `
0:00 both standing > standing
0:09 clinch > standing clinch
0:10 felix collar tie > felix collar tie
0:17 felix shoots single leg, bruno sprawls > felix single leg escaped - bruno sprawls
0:27 felix single leg finished > felix single leg finished
0:28 felix in half guard top > bruno half guard
0:33 bruno gets a knee shield > bruno knee shield half guard
0:40 felix crossface > felix crossface
0:45 bruno underhook > bruno underhook
0:50 felix tries to pass, body lock > felix body-lock pass
0:55 bruno blocks it > ~
1:01 felix smashes the knee shield > felix leg smash pass
1:05 felix head too high > felix An error in posture, without a name - head too high
1:12 felix passes > felix a pass without a name finished
1:13 side control felix > felix side control
1:20 bruno flat on his back > bruno Lies flat under the pin
1:24 bruno frames well > bruno good Frame inside, elbow home
1:30 bruno shrimps > bruno hip escape
1:33 bruno gets guard back > bruno frame and put the knee back finished
1:34 butterfly guard > bruno butterfly guard
1:40 felix hands on the knees > ~
1:46 bruno butterfly sweep attempt, fails > bruno butterfly sweep abandoned
1:50 felix good base > ~
1:58 felix keeps moving > felix good Keeps moving and trying
2:05 bruno pulls him into closed guard > bruno pull to closed guard
2:10 closed guard bruno > bruno closed guard
2:14 felix posture broken > felix Shoulders ahead of the hips
2:16 bruno throws up a triangle > bruno triangle
2:20 triangle locked > bruno triangle locked
2:24 felix stacks and escapes > felix stacking out of the armbar
2:30 time > ~
2:38 bruno takes the back > bruno a back take without a name finished
2:45 felix two on one grip > felix two on one
2:57 felix gets out > felix an escape without a name finished
3:05 felix takes the back > felix a back take without a name finished
3:20 bruno turns into him > ~
3:36 bruno gets out > bruno an escape without a name finished
3:44 bruno on the back > bruno back control with hooks
3:58 bruno rear naked choke > bruno rear naked choke
4:05 felix fights the hands > felix good Strips the choke at the thumb
4:10 bruno choke almost in > bruno a submission without a name control - choke
4:24 felix escapes > felix an escape without a name finished
4:32 felix back control > felix back control with hooks
4:40 bruno slides his hips out > ~
4:54 bruno escapes > bruno an escape without a name finished
5:02 bruno back mount > bruno back control with hooks
5:17 felix gets out > felix an escape without a name finished
5:25 felix hooks in > felix back control with hooks
5:53 bruno free > bruno an escape without a name finished
5:55 felix tired > ~
`;
