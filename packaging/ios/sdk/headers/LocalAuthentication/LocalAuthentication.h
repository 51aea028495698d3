// What the shell uses of LocalAuthentication, declared anew (from memory), for the check on this computer alone.
#pragma once
#import <Foundation/Foundation.h>
#pragma clang assume_nonnull begin

enum { LAPolicyDeviceOwnerAuthentication = 2, LAErrorPasscodeNotSet = -5 };
@interface LAContext : NSObject
- (BOOL)canEvaluatePolicy:(NSInteger)policy error:(NSError *_Nullable *_Nullable)error;
- (void)evaluatePolicy:(NSInteger)policy localizedReason:(NSString *)reason reply:(void (^)(BOOL knows, NSError *_Nullable error))reply;
@end

#pragma clang assume_nonnull end
