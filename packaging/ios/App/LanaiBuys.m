#import "LanaiBuys.h"
#import "LanaiScreen.h"
#import <StoreKit/StoreKit.h>

@interface LanaiBuys () <SKProductsRequestDelegate, SKPaymentTransactionObserver>
/// By which the server knows who buys.
@property (nonatomic, copy) NSString *account;
/// Kept while it is under way: else it would be gone.
@property (nonatomic) SKProductsRequest *request;
@end

@implementation LanaiBuys

- (instancetype)initWithScreen:(LanaiScreen *)screen
{
    self = [super initWithScreen:screen];
    if (self) {
        [[SKPaymentQueue defaultQueue] addTransactionObserver:self];
    }
    return self;
}

- (NSString *)name
{
    return @"buys";
}

// Nothing: whether it can. "buy" with a product and an account: opens the sheet. "done" with a transaction: the server has it.
- (NSString *)answer:(NSString *)argument
{
    if (argument.length == 0) {
        return [SKPaymentQueue canMakePayments] ? @"yes" : nil;
    }
    NSDictionary *wanted = [NSJSONSerialization JSONObjectWithData:[argument dataUsingEncoding:NSUTF8StringEncoding] options:0 error:nil];
    if (![wanted isKindOfClass:[NSDictionary class]]) {
        return @"";
    }
    if ([wanted[@"done"] isKindOfClass:[NSString class]]) {
        [self done:wanted[@"done"]];
        return @"done";
    }
    if (![wanted[@"buy"] isKindOfClass:[NSString class]] || ![wanted[@"account"] isKindOfClass:[NSString class]]) {
        return @"";
    }
    self.account = wanted[@"account"];
    self.request = [[SKProductsRequest alloc] initWithProductIdentifiers:[NSSet setWithArray:@[ wanted[@"buy"] ]]];
    self.request.delegate = self;
    [self.request start];
    return @"asked";
}

// What was paid while the app was away, or was not told to the server yet.
- (void)loaded
{
    [self told:[SKPaymentQueue defaultQueue].transactions];
}

- (void)productsRequest:(SKProductsRequest *)request didReceiveResponse:(SKProductsResponse *)response
{
    SKProduct *product = response.products.firstObject;
    if (product == nil) {
        [self tell:@"" but:@"unknown"];
        return;
    }
    SKMutablePayment *payment = [SKMutablePayment paymentWithProduct:product];
    payment.applicationUsername = self.account;
    [[SKPaymentQueue defaultQueue] addPayment:payment];
}

- (void)request:(SKRequest *)request didFailWithError:(NSError *)error
{
    [self tell:@"" but:@"silent"];
}

- (void)paymentQueue:(SKPaymentQueue *)queue updatedTransactions:(NSArray<SKPaymentTransaction *> *)transactions
{
    [self told:transactions];
}

- (void)told:(NSArray<SKPaymentTransaction *> *)transactions
{
    for (SKPaymentTransaction *transaction in transactions) {
        SKPaymentTransactionState state = transaction.transactionState;
        if (state == SKPaymentTransactionStatePurchased || state == SKPaymentTransactionStateRestored) {
            [self tell:transaction.transactionIdentifier ?: @"" but:@""];
        } else if (state == SKPaymentTransactionStateDeferred) {
            [self tell:@"" but:@"waits"];
        } else if (state == SKPaymentTransactionStateFailed) {
            [self tell:@"" but:transaction.error.code == SKErrorPaymentCancelled ? @"left" : @"failed"];
            [[SKPaymentQueue defaultQueue] finishTransaction:transaction];
        }
    }
}

- (void)done:(NSString *)identifier
{
    for (SKPaymentTransaction *transaction in [SKPaymentQueue defaultQueue].transactions) {
        if ([transaction.transactionIdentifier isEqualToString:identifier]) {
            [[SKPaymentQueue defaultQueue] finishTransaction:transaction];
        }
    }
}

- (void)tell:(NSString *)transaction but:(NSString *)why
{
    NSData *json = [NSJSONSerialization dataWithJSONObject:@[ transaction, why ] options:0 error:nil];
    NSString *told = [[NSString alloc] initWithData:json encoding:NSUTF8StringEncoding];
    dispatch_async(dispatch_get_main_queue(), ^{
        [self.screen tell:[NSString stringWithFormat:@"window.lanaiBought&&lanaiBought(...%@)", told]];
    });
}

@end
