// What the shell uses of StoreKit, declared anew (from memory), for the check on this computer alone.
#pragma once
#import <Foundation/Foundation.h>
#pragma clang assume_nonnull begin

typedef enum : NSInteger {
    SKPaymentTransactionStatePurchasing,
    SKPaymentTransactionStatePurchased,
    SKPaymentTransactionStateFailed,
    SKPaymentTransactionStateRestored,
    SKPaymentTransactionStateDeferred,
} SKPaymentTransactionState;

typedef enum : NSInteger { SKErrorPaymentCancelled = 2 } SKErrorCode;

@class SKProductsRequest, SKProductsResponse, SKRequest, SKPaymentQueue, SKPaymentTransaction;

@interface SKProduct : NSObject
@end

@protocol SKRequestDelegate <NSObject>
@optional
- (void)request:(SKRequest *)request didFailWithError:(NSError *)error;
@end

@protocol SKProductsRequestDelegate <SKRequestDelegate>
- (void)productsRequest:(SKProductsRequest *)request didReceiveResponse:(SKProductsResponse *)response;
@end

@interface SKRequest : NSObject
@property (nullable, weak, nonatomic) id<SKRequestDelegate> delegate;
- (void)start;
@end

@interface SKProductsRequest : SKRequest
@property (nullable, weak, nonatomic) id<SKProductsRequestDelegate> delegate;
- (instancetype)initWithProductIdentifiers:(NSSet<NSString *> *)identifiers;
@end

@interface SKProductsResponse : NSObject
@property (nonatomic, readonly) NSArray<SKProduct *> *products;
@end

@interface SKPayment : NSObject
+ (instancetype)paymentWithProduct:(SKProduct *)product;
@end

@interface SKMutablePayment : SKPayment
@property (nullable, copy, nonatomic) NSString *applicationUsername;
@end

@interface SKPaymentTransaction : NSObject
@property (nullable, nonatomic, readonly) NSError *error;
@property (nonatomic, readonly) SKPaymentTransactionState transactionState;
@property (nullable, nonatomic, readonly) NSString *transactionIdentifier;
@end

@protocol SKPaymentTransactionObserver <NSObject>
- (void)paymentQueue:(SKPaymentQueue *)queue updatedTransactions:(NSArray<SKPaymentTransaction *> *)transactions;
@end

@interface SKPaymentQueue : NSObject
+ (instancetype)defaultQueue;
+ (BOOL)canMakePayments;
@property (nonatomic, readonly) NSArray<SKPaymentTransaction *> *transactions;
- (void)addTransactionObserver:(id<SKPaymentTransactionObserver>)observer;
- (void)addPayment:(SKPayment *)payment;
- (void)finishTransaction:(SKPaymentTransaction *)transaction;
@end

#pragma clang assume_nonnull end
