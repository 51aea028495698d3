// What the shell uses of BackgroundTasks, declared anew (from memory), for the check on this computer alone.
#pragma once
#import <Foundation/Foundation.h>
#pragma clang assume_nonnull begin

@interface BGTask : NSObject
@property (nullable) void (^expirationHandler)(void);
- (void)setTaskCompletedWithSuccess:(BOOL)success;
@end
@interface BGTaskRequest : NSObject
@property (nullable, copy) NSDate *earliestBeginDate;
@end
@interface BGAppRefreshTaskRequest : BGTaskRequest
- (instancetype)initWithIdentifier:(NSString *)identifier;
@end
@interface BGTaskScheduler : NSObject
@property (class, readonly) BGTaskScheduler *sharedScheduler;
- (BOOL)registerForTaskWithIdentifier:(NSString *)identifier
                           usingQueue:(nullable dispatch_queue_t)queue
                        launchHandler:(void (^)(__kindof BGTask *task))handler;
- (BOOL)submitTaskRequest:(BGTaskRequest *)request error:(NSError *_Nullable *_Nullable)error;
@end

#pragma clang assume_nonnull end
