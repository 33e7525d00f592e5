import { test } from '@playwright/test';
import { board } from './whole/board';
import { charged } from './whole/charged';
import { joined } from './whole/joined';
import { placed } from './whole/placed';
import { recovered } from './whole/recovered';
import { started } from './whole/started';
import { tightAndDry } from './whole/tight-and-dry';
import { wired } from './whole/wired';

// One job from its signed scope to its signed start-up, every figure typed once; each part needs what stands before it.
test.describe
  .serial('the heat pump upstairs, walked whole', () => {
    recovered();
    placed();
    board();
    wired();
    joined();
    tightAndDry();
    charged();
    started();
  });
