#import <UIKit/UIKit.h>

@class LanaiScreen;

NS_ASSUME_NONNULL_BEGIN

/// Something that a phone does for the page. An app has only those that its sentences use.
@interface LanaiAbility : NSObject

@property (nonatomic, weak, readonly) LanaiScreen *screen;

/// By what the page asks for it; empty where it is never asked.
@property (nonatomic, readonly) NSString *name;

/// What the page is given before it begins; nil for nothing.
@property (nonatomic, nullable, readonly) NSString *script;

/// Before anything is shown, once for the program.
+ (void)begin;

- (instancetype)initWithScreen:(LanaiScreen *)screen;

/// What the page asks, and what it gets: nil where the phone does not do it.
- (nullable NSString *)answer:(NSString *)argument;

/// A place of the app that has come to be opened, once; nil for none.
- (nullable NSString *)takePlace;

/// The page has come.
- (void)loaded;

/// The app is in front, or something lies over it, or it is away.
- (void)shown;
- (void)covered;
- (void)hidden;

@end

NS_ASSUME_NONNULL_END
