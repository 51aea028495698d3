<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

/** What a till tells of a subscription. */
enum Happened: string
{
    case Bought = 'bought';
    case Paid = 'paid again';
    case Failed = 'a payment failed';
    case Left = 'left';
    case Returned = 'stays after all';
    case Paused = 'pauses';
    case Resumed = 'goes on';
    case Refunded = 'was given back';
    case Revoked = 'was taken away';
    case Moved = 'was moved';
    case Changed = 'changes plan';
    case Chosen = 'will change plan';
    case Rises = 'hears of a higher price';
    case Agreed = 'agrees to the price';
    case Disputed = 'is disputed';
    case DisputeWon = 'is disputed no more';
    case DisputeLost = 'lost a dispute';
}
